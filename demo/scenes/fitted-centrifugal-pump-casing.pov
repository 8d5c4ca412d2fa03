#include "fitted.inc"
Shot(<-80,180,-100>, <0,16,0>, 42)
difference { union { cylinder { 0, y*46, 84 } box { <30,0,-84>, <84,46,10> } } cylinder { <0,8,0>, <0,60,0>, 68 } cylinder { <0,-1,0>, <0,60,0>, 30 } texture { Paint } }
object { Ring(34, 28, 12) translate y*4 texture { Bronze } } box { <29,16.1,-1>, <33,16.4,1> texture { Mark } }
#declare I = 0; #while (I < 8) cylinder { <76,46,0>, <76,46.4,0>, 4 rotate y*I*45 texture { Ink } } #declare I = I+1; #end
