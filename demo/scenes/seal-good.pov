#include "parts.inc"
Shot(<-20,80,-70>, <0,4,0>, 42)
object { LipSeal(0) }
