#include "bench.inc"
Camera(<-20,220,-150>, <0,2,0>, 40, 2)
object { Bench } object { Paper rotate y*-4 }
difference { cylinder { <0,0.3,10>, <0,46,10>, 34 } cylinder { <0,2,10>, <0,50,10>, 33 } texture { pigment { crackle scale 1.4 color_map { [0.06 rgb 0.55] [0.1 rgbt <0.3,0.3,0.3,0.85>] } } finish { DullFinish } } }
torus { 33.5, 2 translate <0,46,10> texture { Steel } }
object { Rule(120) rotate y*-4 translate <-60,0.3,-80> }
