#include "fitted.inc"
Shot(<-70,110,-100>, <0,20,0>, 38)
difference { box { <-60,0,-36>, <60,26,36> } cylinder { <-26,4,0>, <-26,40,0>, 12 } cylinder { <26,4,0>, <26,40,0>, 12 } texture { Cast } }
difference { box { <-60,26,-36>, <60,26.2,36> } cylinder { <-26,4,0>, <-26,40,0>, 12 } cylinder { <26,4,0>, <26,40,0>, 12 } texture { Steel } }
sphere { <-26,20,0>, 9.6 texture { Steel } } sphere { <26,20,0>, 9.6 texture { Steel } }
object { Ring(12, 9, 1.2) translate <26,25,0> texture { Bronze } } cylinder { <40,26.2,24>, <40,26.5,24>, 3 texture { Ink } }
