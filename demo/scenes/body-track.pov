#include "bench.inc"
Camera(<-120,215,-120>, <0,52,0>, 38, 3)
object { Bench }
difference {
  box { <-44,0,-54>, <44,74,54> texture { Alu } }
  union { cylinder { <0,-1,-18>, <0,80,-18>, 22.6 } cylinder { <0,-1,18>, <0,80,18>, 22.6 } texture { pigment { rgb <0.62,0.63,0.64> } normal { function { f_noise3d(y*0.2, x*0.05, z*0.05) } 0.25 } finish { DullFinish } } }
  union { cylinder { <1.2,-1,-18.6>, <1.2,80,-18.6>, 22.5 } cylinder { <1.2,-1,18.6>, <1.2,80,18.6>, 22.5 } texture { pigment { function { f_noise3d(2, atan2(z,x)*16, y*0.9) } color_map { [0.3 rgb <0.52,0.52,0.53>] [0.6 rgb <0.86,0.86,0.87>] } } normal { function { f_noise3d(y*2.2,1,1) } 0.9 } finish { SteelFinish } } }
  cylinder { <0,37,0>, <70,37,0>, 11 texture { Alu } } cylinder { <-70,37,0>, <0,37,0>, 15 texture { Alu } }
  cylinder { <-34,-1,-44>, <-34,80,-44>, 4.4 texture { Cast } } cylinder { <34,-1,-44>, <34,80,-44>, 4.4 texture { Cast } } cylinder { <-34,-1,44>, <-34,80,44>, 4.4 texture { Cast } } cylinder { <34,-1,44>, <34,80,44>, 4.4 texture { Cast } }
}
