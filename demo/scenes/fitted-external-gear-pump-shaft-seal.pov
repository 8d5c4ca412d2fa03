#include "fitted.inc"
Shot(<-60,150,-110>, <0,16,0>, 36)
difference { box { <-52,0,-64>, <52,16,64> texture { Paint } } cylinder { <0,-1,0>, <0,40,0>, 31.2 texture { Alu } } }
difference { cylinder { y*16, y*26, 42 } cylinder { y*10, y*40, 31.2 } texture { Cast } }
object { LipSeal(0) translate y*11 }
intersection { torus { 30.4, 1 translate y*21.6 } box { <-60,0,-60>, <24,30,60> } texture { Steel } }
