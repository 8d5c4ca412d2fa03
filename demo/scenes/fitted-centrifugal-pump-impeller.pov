#include "fitted.inc"
Shot(<-60,170,-110>, <0,18,0>, 42)
object { Ring(86, 30, 8) texture { Cast } } object { Impeller() translate y*10 }
difference { cylinder { <0,30,0>, <0,44,0>, 12 } #declare I = 0; #while (I < 6) box { <10.4,28,-20>, <30,50,20> rotate y*I*60 } #declare I = I+1; #end texture { Bronze } }
cylinder { <0,40,0>, <0,52,0>, 6 texture { Steel } } box { <-1.6,30,11>, <1.6,33,16> texture { Mark } }
