#include "parts.inc"
Shot(<0,215,-16>, <0,0,-12>, 44)
difference { box { <-60,0,-10>, <60,12,46> } box { <-61,9,14>, <61,13,22> } texture { Steel } } object { Card() translate <-30,11.75,-58> } box { <-62,0,-74>, <62,11.7,-11> texture { Mat } }
