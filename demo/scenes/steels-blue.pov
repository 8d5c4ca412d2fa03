#include "parts.inc"
Shot(<10,210,-150>, <0,0,0>, 42)
object { SteelPlate(Temper) translate <-30,0,20> } object { SteelPlate(Steel) rotate y*11 translate <62,1.9,-26> }
