#include "parts.inc"
Shot(<-50,95,-60>, <14,5,14>, 30)
difference { object { Kidneys(46, 6, 2, 62, 0.15, <0.60,0.61,0.62>) } #declare S = seed(4); #declare I = 0; #while (I < 220) sphere { <27+rand(S)*18, 6.1, -10+rand(S)*20>, 0.3+rand(S)*0.9 } #declare I = I+1; #end texture { Cast } }
