#include "parts.inc"
Shot(<-30,150,-100>, <0,4,0>, 42)
object { Kidneys(46, 6, 2, 62, 0.08, <0.66,0.67,0.69>) }
