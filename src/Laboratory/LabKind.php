<?php

declare(strict_types=1);

namespace App\Laboratory;

/** What is looked into elsewhere. */
enum LabKind: string
{
    case Fluid = 'fluid';
    case Hardness = 'hardness';
    case Section = 'section';
    case Fracture = 'fracture';

    public function label(): string
    {
        return match ($this) {
            self::Fluid => 'the fluid', self::Hardness => 'hardness', self::Section => 'a section', self::Fracture => 'a fracture face',
        };
    }

    /** @return string key of the damage that an answer most often tells of; empty: it is of no part */
    public function tellsOf(): string
    {
        return match ($this) {
            self::Fluid => '', self::Hardness => 'overheating', self::Section => 'porosity', self::Fracture => 'fracture',
        };
    }

    /** @return int grade that is offered first: a face that broke is of a part that broke */
    public function likelyGrade(): int
    {
        return self::Fracture === $this ? 4 : 2;
    }

    /** Is it of a part, rather than of what was in the unit? */
    public function isOfAPart(): bool
    {
        return self::Fluid !== $this;
    }
}
