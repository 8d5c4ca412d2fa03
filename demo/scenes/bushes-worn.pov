#include "bench.inc"
Camera(<-26,120,-40>, <0,24,0>, 34, 3)
object { Bench } object { Block(24, 0.35, <0.72,0.64,0.46>) }
union { difference { cylinder { <-18,2,0>, <-18,23.2,0>, 10.3 } cylinder { <-18.4,-1,-0.5>, <-18.4,30,-0.5>, 10.1 } } difference { cylinder { <18,2,0>, <18,23.2,0>, 10.3 } cylinder { <17.6,-1,-0.5>, <17.6,30,-0.5>, 10.1 } } texture { pigment { function { f_noise3d(2, atan2(z,x)*14, y*0.6) } color_map { [0.35 rgb <0.78,0.52,0.20>] [0.6 rgb <0.42,0.42,0.43>] } } normal { function { f_noise3d(y*3,1,1) } 0.8 } finish { SteelFinish } } }
