#include "bench.inc"
Camera(<-330,150,-60>, <-20,58,0>, 50, 4)
object { Bench } object { Pump(Paint) rotate y*6 }
object { Rule(120) rotate y*70 translate <-120,0,-70> }
