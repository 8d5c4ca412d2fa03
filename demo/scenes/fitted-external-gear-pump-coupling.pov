#include "fitted.inc"
Shot(<-60,90,-150>, <6,22,0>, 36)
box { <40,0,-50>, <90,60,50> texture { Paint } }
union {
  cylinder { <-70,24,0>, <44,24,0>, 10 texture { Steel } }
  difference { cylinder { <-52,24,0>, <-4,24,0>, 24 } box { <-60,32,-3>, <0,60,3> } box { <-60,20,-40>, <-40,28,40> } texture { Cast } }
  cylinder { <-4,24,0>, <8,24,0>, 17 texture { Cast } } box { <-68,32,-2.9>, <8,37,2.9> texture { Steel } }
  difference { cylinder { <2,24,0>, <2,43,0>, 4 } cylinder { <2,38,0>, <2,50,0>, 2.2 } texture { Ink } }
}
box { <10,33.9,-1>, <26,34.3,1> texture { Mark } }
