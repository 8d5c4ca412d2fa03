#include "bench.inc"
Camera(<-40,100,-90>, <0,10,0>, 34, 3)
object { Bench }
difference { cylinder { 0, y*9, 18 } cylinder { -y, y*10, 11.5 } texture { Cast } }
difference { cylinder { y*7, y*11, 16.6 } cylinder { y*6, y*12, 9.2 } texture { Rubber } }
torus { 9.4, 1.1 scale <1,2.2,1> rotate <11,0,6> translate y*12.6 texture { Rubber } }
object { Rule(90) rotate y*-14 translate <-46,0,-44> }
