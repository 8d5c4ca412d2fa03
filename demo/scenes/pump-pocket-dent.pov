#include "parts.inc"
Shot(<-20,130,-90>, <0,2,0>, 42)
difference { cylinder { 0, y*20, 58 } cylinder { <0,6,0>, <0,30,0>, 46 } texture { Cast } } difference { cylinder { y*5.9, y*6.2, 45.9 } cylinder { <16,6.3,-14>, <30,6.3,6>, 0.9 } texture { pigment { rgb 0.55 } } Scored(<0.62,0.63,0.65>, 0.4, 0) } object { Card() scale 0.6 translate <-18,6.3,-8> }
