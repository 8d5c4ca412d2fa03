<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

/** Where a chain may start: something that somebody can change. */
enum OriginKind: string
{
    case WrongPart = 'wrong-part';
    case AssemblyError = 'assembly-error';
    case Contamination = 'contamination';
    case Overload = 'overload';
    case PartDefect = 'part-defect';
    case DesignWeakness = 'design-weakness';
    case NeglectedService = 'neglected-service';
    case WearOut = 'wear-out';
    case LeftoverDebris = 'leftover-debris';
    case WrongFluid = 'wrong-fluid';
    case Installation = 'installation';

    public function label(): string
    {
        return match ($this) {
            self::WrongPart => 'Wrong or missing part',
            self::AssemblyError => 'Assembly error',
            self::Contamination => 'Contamination let in',
            self::Overload => 'Overload',
            self::PartDefect => 'Part defect',
            self::DesignWeakness => 'Design weakness',
            self::NeglectedService => 'Neglected service',
            self::WearOut => 'Wear-out',
            self::LeftoverDebris => 'Leftover debris of an earlier failure',
            self::WrongFluid => 'Wrong or degraded fluid',
            self::Installation => 'Installation or alignment',
        };
    }
}
