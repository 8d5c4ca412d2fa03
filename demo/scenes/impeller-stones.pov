#include "parts.inc"
Shot(<-40,150,-120>, <0,8,0>, 44)
object { Impeller() } object { sphere { 0, 9 scale <1,0.8,1.2> } texture { Stone } translate <34,10,8> } object { sphere { 0, 7 } texture { Stone } translate <-20,10,30> } object { sphere { 0, 8 scale <1.2,0.8,1> } texture { Stone } translate <-6,10,-38> }
