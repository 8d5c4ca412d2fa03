#include "parts.inc"
Shot(<-20,80,-80>, <0,6,0>, 40)
object { Race(0, Rust) } Balls(9, 29) torus { 30, 3 translate y*9 texture { pigment { bozo scale 5 color_map { [0 rgb <0.17,0.09,0.04>] [1 rgb <0.30,0.19,0.09>] } } normal { granite 0.7 scale 4 } finish { specular 0.5 roughness 0.02 } } } Strewn(60, 26, 0.4, 1.2, 72, 2, White)
