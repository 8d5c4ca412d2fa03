#include "bench.inc"
Camera(<120,330,-210>, <0,116,14>, 24, 4)
object { Bench } object { Pump(Paint) }
// the seal stands out of its bore on one side, wet around it
torus { 17, 4 rotate <9,0,7> translate <0,122.5,18> texture { Rubber } }
cylinder { <0,114.1,18>, <0,114.5,18>, 44 pigment { rgbf <0.22,0.13,0.04,0.4> } finish { specular 1 roughness 0.003 reflection 0.16 } }
