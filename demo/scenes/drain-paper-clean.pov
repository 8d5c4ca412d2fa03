#include "parts.inc"
Shot(<0,180,-110>, <0,0,0>, 46)
object { Paper rotate y*3 } Strewn(30, 70, 0.2, 0.6, 61, 2, Black)
