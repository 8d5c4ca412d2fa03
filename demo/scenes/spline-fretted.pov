#include "parts.inc"
Shot(<-70,70,-110>, <24,12,0>, 36)
union { Splined(13, 16, 38, 0.35, Rust) translate y*16 rotate y*14 } Strewn(90, 40, 0.2, 0.9, 52, 2, Rust)
