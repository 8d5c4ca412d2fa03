#include "parts.inc"
Shot(<-30,110,-110>, <0,14,0>, 42)
difference { object { Ring(40, 26, 34) } texture { pigment { rgb <0.46,0.38,0.26> } normal { function { sin(atan2(z,x)*60) } 0.8 } finish { ambient 0.12 diffuse 0.8 } } } Strewn(260, 26, 0.3, 1.4, 71, 2, Stone)
