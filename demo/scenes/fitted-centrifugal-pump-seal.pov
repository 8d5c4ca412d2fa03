#include "fitted.inc"
Shot(<-60,110,-110>, <0,26,0>, 36)
difference { box { <-60,0,-60>, <60,14,60> } cylinder { <0,-1,0>, <0,20,0>, 26 } texture { Cast } }
object { Ring(26, 15, 9) translate y*7 texture { Ceramic } } object { Ring(22, 14, 9) translate y*16 texture { Carbon } }
#declare I = 0; #while (I < 4) torus { 17, 1.3 translate y*(29+I*5) texture { Steel } } #declare I = I+1; #end
object { Ring(22, 13, 4) translate y*25 texture { Steel } } cylinder { <0,-2,0>, <0,78,0>, 12.5 texture { Bronze } }
