#include "parts.inc"
Shot(<-30,60,-74>, <0,14,-16>, 34)
difference { object { GearBody(26) scale <1.4,1,1.4> } #declare S = seed(9); #declare I = 0; #while (I < 140) sphere { <-9+rand(S)*18, 2+rand(S)*22, -25-rand(S)*5>, 0.4+rand(S)*1.0 } #declare I = I+1; #end texture { Steel } }
