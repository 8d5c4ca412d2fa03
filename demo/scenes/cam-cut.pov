#include "parts.inc"
Shot(<-40,80,-80>, <0,8,0>, 40)
object { CamRing(1) }
