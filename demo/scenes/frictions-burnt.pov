#include "parts.inc"
Shot(<-20,230,-170>, <0,0,0>, 46)
object { Friction(Burnt) translate <-40,0,30> } object { Friction(Burnt) rotate y*9 translate <75,2.2,-30> } Strewn(60, 120, 0.6, 4, 3, 3, Black)
