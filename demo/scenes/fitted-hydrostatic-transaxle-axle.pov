#include "fitted.inc"
Shot(<-100,150,-130>, <0,24,0>, 42)
CaseHalf(0)
object { Gear(16, 0.05, 0, 12, 0) scale <1.7,1,1.7> translate <-20,12,0> } object { Gear(20, 0.05, 0, 20, 0) rotate y*15 translate <40,12,6> }
cylinder { <-110,34,0>, <-24,34,0>, 9 texture { Steel } } object { LipSeal(0) rotate z*90 scale <1,0.8,0.8> translate <-84,34,0> }
