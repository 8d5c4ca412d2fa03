#include "parts.inc"
Shot(<-10,140,-90>, <6,6,0>, 42)
CaseWall(0)
