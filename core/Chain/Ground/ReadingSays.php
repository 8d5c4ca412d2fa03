<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

/** What a reading beyond its limit is about, and to which side: a gap that is too large is wear, one too small is a wrong part. */
enum ReadingSays: string
{
    case TooLarge = 'too-large';
    case TooSmall = 'too-small';
    case OutOfShape = 'out-of-shape';
    case OutOfLine = 'out-of-line';
    case PressureHigh = 'pressure-high';
    case PressureLow = 'pressure-low';
    case VacuumHigh = 'vacuum-high';
    case CasePressure = 'case-pressure';
    case TooHot = 'too-hot';
    case TooSoft = 'too-soft';
    case TooLoose = 'too-loose';
    case TooTight = 'too-tight';
}
