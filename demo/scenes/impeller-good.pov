#include "parts.inc"
Shot(<-40,150,-120>, <0,8,0>, 44)
object { Impeller() }
