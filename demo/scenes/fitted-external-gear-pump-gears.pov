#include "fitted.inc"
Shot(<-80,200,-90>, <0,60,0>, 38)
object { PumpBody } object { Dowels }
object { Gear(26, 0.05, 0, 20, 0) translate <0,44,-18> } object { Gear(26, 0.05, 0, 10, 0) rotate y*15 translate <0,44,18> }
box { <-5,70.1,-1>, <5,70.4,1> texture { Mark } }
