#include "parts.inc"
Shot(<-70,70,-110>, <24,12,0>, 36)
union { Splined(13, 16, 38, 1, Steel) translate y*16 rotate y*14 } Strewn(70, 60, 0.5, 2.5, 51, 0, Steel)
