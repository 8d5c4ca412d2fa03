#include "parts.inc"
Shot(<-40,110,-160>, <0,22,0>, 44)
#declare I = 0; #while (I < 9) object { Piston(0) translate <-64+32*mod(I,5),0,-20+40*floor(I/5)> } #declare I = I+1; #end
