<?php

declare(strict_types=1);

namespace App\Shop\Doctor;

/** What the doctor found of one thing. */
final readonly class Symptom
{
    private function __construct(public string $of, public bool $isWell, public string $says)
    {
    }

    public static function well(string $of, string $says): self
    {
        return new self($of, true, $says);
    }

    public static function ill(string $of, string $says): self
    {
        return new self($of, false, $says);
    }

    /** @param string $help what to do where it is ill */
    public static function either(bool $isWell, string $of, string $says, string $help): self
    {
        return $isWell ? self::well($of, $says) : self::ill($of, $says.'. '.$help);
    }
}
