#include "parts.inc"
Shot(<0,150,-90>, <0,0,0>, 46)
object { Paper rotate y*6 } Strewn(190, 60, 0.8, 3.5, 81, 3, Rubber)
