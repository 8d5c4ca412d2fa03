#include "bench.inc"
Camera(<60,110,-110>, <0,24,0>, 44, 3)
object { Bench } object { Gear(26, 0.06, 0, 24, 0) rotate y*8 } object { Rule(100) rotate y*-16 translate <-24,0,-62> }
