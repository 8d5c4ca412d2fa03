#include "fitted.inc"
Shot(<-130,150,70>, <0,8,0>, 40)
PumpCover(0)
