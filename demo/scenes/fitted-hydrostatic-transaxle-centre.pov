#include "fitted.inc"
Shot(<-60,160,-130>, <0,26,0>, 42)
CaseHalf(0) box { <-70,10,-44>, <70,30,44> texture { Cast } }
union { Kidneys(44, 4, 2, 62, 0.04, <0.66,0.67,0.69>) scale <0.72,1,0.72> translate <-34,30,0> }
union { Kidneys(44, 4, 2, 62, 0.04, <0.66,0.67,0.69>) scale <0.72,1,0.72> rotate y*90 translate <34,30,0> }
#declare I = 0; #while (I < 4) object { Bolt(10) scale 0.8 translate <-62+124*mod(I,2),30,-38+76*floor(I/2)> } #declare I = I+1; #end
