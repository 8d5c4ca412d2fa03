#include "parts.inc"
Shot(<-20,220,-110>, <0,4,-40>, 54)
object { Kidneys(46, 6, 2, 62, 0.9, <0.66,0.67,0.69>) } object { Card() translate <-30,0,-104> }
