#include "parts.inc"
Shot(<-30,150,-100>, <0,4,0>, 42)
object { Kidneys(46, 6, 2, 62, 0.5, <0.66,0.67,0.69>) }
light_source { <0,400,0> rgb -1.35 shadowless }
