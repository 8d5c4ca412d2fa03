#include "fitted.inc"
Shot(<110,170,-90>, <0,64,0>, 38)
object { PumpBody } object { Dowels } object { Block(24, 0.05, <0.74,0.66,0.46>) rotate y*90 translate y*52 }
cylinder { <0,50,-18>, <0,79,-18>, 9.9 texture { Steel } } cylinder { <0,50,18>, <0,79,18>, 9.9 texture { Steel } }
