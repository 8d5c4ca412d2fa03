#include "parts.inc"
Shot(<-20,110,-100>, <0,5,0>, 44)
#declare I = 0; #while (I < 5) difference { torus { 19, 5 scale <1,0.9,1> } box { <14,-8,-0.8>, <30,8,0.8> } texture { Burnt } rotate y*0 translate <-66+44*mod(I,4),5+9*floor(I/4),10-46*floor(I/4)+0> } #declare I = I+1; #end
