#include "bench.inc"
Camera(<-150,180,-330>, <0,78,0>, 44, 4)
object { Bench } object { Pump(Paint) rotate y*14 }
cylinder { <60,0.1,-110>, <60,0.4,-110>, 34 pigment { rgbf <0.25,0.16,0.05,0.35> } finish { specular 0.9 roughness 0.004 reflection 0.12 } scale <1.3,1,0.8> }
