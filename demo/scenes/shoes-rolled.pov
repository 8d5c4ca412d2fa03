#include "parts.inc"
Shot(<-40,90,-150>, <0,18,0>, 44)
#declare I = 0; #while (I < 5) object { Piston((I=2 ? 1 : 0)) rotate x*180 translate <-72+36*I,52,0> } #declare I = I+1; #end
