#include "parts.inc"
camera { location <-22,110,-86> look_at <-8,18,0> angle 36 right x*4/3 aperture 9 blur_samples 24 focal_point <-22,80,-60> }
object { Bench } object { Block(24, 0.8, <0.70,0.62,0.44>) }
