#include "parts.inc"
Shot(<-20,230,-170>, <0,0,0>, 46)
object { Friction(Lining) translate <-40,0,30> } object { Friction(Lining) rotate y*9 translate <75,2.2,-30> }
