#include "parts.inc"
Shot(<-20,80,-80>, <0,6,0>, 40)
object { Race(0, Steel) }
