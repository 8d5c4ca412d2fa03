#include "fitted.inc"
Shot(<-110,170,-90>, <0,8,0>, 40)
PumpCover(11)
