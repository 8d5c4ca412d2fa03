#include "bench.inc"
Camera(<-70,100,-100>, <0,22,0>, 44, 3)
object { Bench } object { Gear(26, 0.95, 1, 30, 0) rotate y*4 }
