#include "bench.inc"
Camera(<-40,150,-130>, <4,24,0>, 40, 3)
object { Bench }
object { Gear(26, 0.55, 0.1, 34, 0) translate -x*20 } object { Gear(26, 0.5, 0.05, 24, 0) rotate y*15 translate x*20 }
box { <-0.8,26,-6>, <0.8,26.15,6> pigment { rgb <0.85,0.82,0.2> } translate x*0 }
object { Rule(110) translate <-50,0,-58> }
