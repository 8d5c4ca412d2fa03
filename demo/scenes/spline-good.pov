#include "parts.inc"
Shot(<-70,70,-110>, <24,12,0>, 36)
union { Splined(13, 16, 38, 0, Steel) translate y*16 rotate y*14 }
