#include "parts.inc"
Shot(<0,190,-120>, <0,0,0>, 46)
object { Paper } Strewn(240, 80, 0.3, 2.2, 21, 0, Bronze) Strewn(120, 70, 0.4, 2.5, 22, 3, Black) Strewn(30, 60, 1, 3, 23, 0, Steel)
