#include "parts.inc"
Shot(<-30,60,-74>, <0,14,-16>, 34)
#declare Pits = union { #declare S = seed(9); #declare I = 0; #while (I < 70) sphere { <-9+rand(S)*18, 2+rand(S)*22, -25-rand(S)*5>, 0.5+rand(S)*1.1 } #declare I = I+1; #end }
difference { object { GearBody(26) scale <1.4,1,1.4> } object { Pits } texture { Steel } }
