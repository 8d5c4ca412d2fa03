#include "fitted.inc"
Shot(<100,140,-120>, <0,30,0>, 40)
CaseHalf(0) union { Barrel(5, 7) scale 0.9 rotate y*20 translate <22,10,0> }
union { object { Race(0, Steel) } Balls(11, 31) translate <-46,14,10> } box { <-78,10,-46>, <-14,20,-28> rotate x*6 texture { Cast } }
