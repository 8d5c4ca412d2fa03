#include "parts.inc"
Shot(<30,180,-120>, <0,0,0>, 46)
object { Paper rotate y*-4 } disc { y*0.6, y, 70 texture { pigment { bozo scale 22 turbulence 0.5 color_map { [0.3 rgbt <0.25,0.06,0.05,0.35>] [0.7 rgbt <0.35,0.12,0.08,0.8>] } } finish { specular 0.5 roughness 0.01 } } } Strewn(160, 60, 0.3, 1.8, 41, 0, Bronze)
