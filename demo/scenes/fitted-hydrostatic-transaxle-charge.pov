#include "fitted.inc"
Shot(<-50,130,-90>, <0,16,0>, 38)
difference { cylinder { 0, y*18, 46 } cylinder { <0,6,0>, <0,30,0>, 32 } texture { Cast } }
difference { cylinder { <0,6.2,0>, <0,18,0>, 31.8 } #declare I = 0; #while (I < 7) cylinder { <18,0,0>, <18,30,0>, 9 rotate y*I*360/7 } #declare I = I+1; #end cylinder { <0,0,0>, <0,30,0>, 20 } texture { Steel } }
union { #declare I = 0; #while (I < 6) cylinder { <14,6.2,0>, <14,18,0>, 7 rotate y*I*60 } #declare I = I+1; #end cylinder { <0,6.2,0>, <0,18,0>, 15 } texture { Steel } translate x*4 }
cylinder { <4,10,0>, <4,30,0>, 8 texture { Steel } } sphere { <38,18,0>, 2.4 texture { Mark } }
