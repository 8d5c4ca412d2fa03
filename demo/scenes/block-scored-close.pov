#include "bench.inc"
Camera(<-22,70,-46>, <-18,24,4>, 34, 2)
object { Bench } object { Block(24, 1.0, <0.70,0.62,0.44>) }
