#include "parts.inc"
Shot(<-10,170,-150>, <0,4,-8>, 50)
#declare I = 0; #while (I < 5) object { Vane(60, 34, 5, (mod(I,2)=1 ? 5 : 0), Carbon) scale 0.8 translate <-74+I*2,0,44-34*I> } #declare I = I+1; #end object { Card() translate <8,0,-40> }
