#include "bench.inc"
Camera(<-40,70,-120>, <0,14,0>, 32, 3)
object { Bench }
union {
  difference { cylinder { <-70,12,0>, <20,12,0>, 10 } box { <-66,18,-3>, <-30,24,3> } texture { Rust } }
  cylinder { <20,12,0>, <70,12,0>, 10 texture { Steel } } torus { 9.8, 0.4 rotate z*90 translate <34,12,0> texture { Rust } }
  rotate y*12
}
object { Rule(120) rotate y*12 translate <-66,0,-40> }
