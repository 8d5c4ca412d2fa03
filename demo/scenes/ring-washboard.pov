#include "parts.inc"
Shot(<-20,90,-80>, <0,16,24>, 44)
difference { object { Ring(62, 50, 40) } box { <-70,-1,-70>, <70,41,-20> } texture { pigment { rgb <0.58,0.59,0.61> } normal { function { sin(atan2(z,x)*70) } 0.9 } finish { SteelFinish } } }
