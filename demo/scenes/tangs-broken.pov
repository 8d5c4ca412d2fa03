#include "parts.inc"
Shot(<-40,90,-90>, <0,8,0>, 42)
union { object { GearBody(14) scale <1.5,1,1.5> texture { Steel } } difference { box { <-6,14,-24>, <6,22,24> } sphere { <5,22,22>, 5 } sphere { <-6,21,-24>, 6 } texture { Steel } } }
