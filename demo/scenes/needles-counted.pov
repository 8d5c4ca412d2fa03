#include "parts.inc"
Shot(<0,130,-90>, <0,0,0>, 46)
object { Paper } #declare I = 0; #while (I < 21) cylinder { <-84+8*I,1.6,-12>, <-84+8*I,1.6,12>, 1.5 texture { Steel } } #declare I = I+1; #end
