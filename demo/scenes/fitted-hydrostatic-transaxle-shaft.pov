#include "fitted.inc"
Shot(<-100,140,-140>, <0,22,0>, 40)
CaseHalf(31) object { LipSeal(0) translate y*12 } object { Ring(24, 12, 10) translate y*13 texture { Steel } }
cylinder { <0,0,0>, <0,78,0>, 12 texture { Steel } } object { Splined(13, 12, 20, 0, Steel) rotate z*90 scale <0.7,0.5,0.7> translate y*78 }
