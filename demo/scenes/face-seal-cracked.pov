#include "parts.inc"
Shot(<-20,95,-80>, <0,4,0>, 42)
object { Ring(24, 14, 9) texture { Ceramic } translate x*-30 } #declare I = 0; #while (I < 9) box { <14,8.9,-0.12>, <24,9.05,0.12> texture { Ink } rotate y*I*41 translate x*-30 } #declare I = I+1; #end object { Ring(23, 15, 12) texture { Carbon } translate x*32 }
