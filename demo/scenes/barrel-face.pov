#include "parts.inc"
Shot(<-30,150,-90>, <0,20,0>, 44)
object { Kidneys(46, 40, 9, 7, 0.55, <0.70,0.58,0.36>) }
