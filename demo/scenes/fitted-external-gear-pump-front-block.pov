#include "fitted.inc"
Shot(<90,190,-110>, <0,60,0>, 38)
object { PumpBody } object { Dowels } object { Block(24, 0.05, <0.74,0.66,0.46>) rotate y*90 translate y*46 }
