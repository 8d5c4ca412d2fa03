#include "bench.inc"
Camera(<-60,110,-110>, <0,24,0>, 44, 3)
object { Bench } object { Gear(26, 0.75, 0.25, 30, 0) } object { Rule(100) rotate y*20 translate <-70,0,-46> }
