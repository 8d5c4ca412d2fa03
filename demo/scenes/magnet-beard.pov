#include "parts.inc"
Shot(<-20,80,-70>, <0,5,0>, 40)
cylinder { 0, y*9, 22 texture { Cast } } Strewn(420, 24, 1.2, 4.5, 31, 1, Black) union { Strewn(500, 21, 0.8, 2.5, 32, 1, Black) translate y*9 } union { Strewn(14, 20, 2, 5, 33, 1, Steel) translate y*10 }
