#include "parts.inc"
Shot(<-10,170,-130>, <0,5,-14>, 50)
#declare I = 0; #while (I < 8) object { Roller(7.95, 33, 0, Nylon) translate <-77+22*I,0,0> } #declare I = I+1; #end object { Card() translate <-30,0,-58> }
