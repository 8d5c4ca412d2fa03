#include "bench.inc"
Camera(<-30,150,-120>, <0,22,0>, 36, 3)
object { Bench } object { Block(24, 0.9, <0.70,0.62,0.44>) rotate y*-10 }
object { Rule(110) rotate y*-10 translate <-54,0,-52> }
