#include "bench.inc"
Camera(<-20,220,-150>, <0,2,-18>, 48, 2)
object { Bench } object { Paper rotate y*5 }
#declare S = seed(7); #declare I = 0; #while (I < 330)
  #declare R = 62*sqrt(rand(S)); #declare A = rand(S)*2*pi;
  superellipsoid { <0.5,0.5> scale <0.4+1.4*pow(rand(S),3), 0.25+0.3*rand(S), 0.4+0.9*pow(rand(S),2)> rotate y*rand(S)*360 translate <R*cos(A), 0.6, R*sin(A)*0.7>
    #switch (mod(I,5)) #case (0) texture { Bronze } #break #case (1) texture { Steel } #break #else texture { pigment { rgb <0.16,0.13,0.10>*(0.6+0.8*rand(S)) } finish { diffuse 0.7 specular 0.2 } } #end }
  #declare I = I+1; #end
object { Rule(120) rotate y*5 translate <-60,0.3,-80> }
