#include "fitted.inc"
Shot(<-90,150,-120>, <0,30,0>, 40)
CaseHalf(0) union { Barrel(5, 2) scale 0.9 translate <-16,10,0> } object { Gear(12, 0.05, 0, 14, 0) translate <54,12,0> }
