#include "parts.inc"
Shot(<-70,130,-140>, <0,14,0>, 42)
object { Planet(Temper) }
