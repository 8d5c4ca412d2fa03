#include "bench.inc"
Camera(<30,150,-120>, <0,22,0>, 36, 3)
object { Bench } object { Block(24, 0.12, <0.74,0.66,0.46>) rotate y*12 }
object { Rule(110) rotate y*12 translate <-54,0,-50> }
