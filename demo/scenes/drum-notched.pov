#include "parts.inc"
Shot(<-60,120,-150>, <0,22,0>, 42)
object { Drum(Steel) }
