<?php

declare(strict_types=1);

namespace App\Intake\Frame;

/** One cell of a wear strip: a part in its grade. */
final readonly class WearCell
{
    public function __construct(public string $part, public string $name, public ?int $grade, public bool $isOff)
    {
    }

    public function say(): string
    {
        return $this->name.': '.(
            null === $this->grade ? ($this->isOff ? 'off, not looked at' : 'still in the unit') : 'grade '.$this->grade
        );
    }
}
