<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** A calculation of the trade that can be asked for by name. One class each; the registry lists them. */
interface Figure
{
    public function name(): string;

    public function group(): Group;

    /** What somebody wants to know who asks for it. */
    public function question(): string;

    /** @return list<Key> */
    public function keys(): array;

    /** @return array<string, string> name of the result => what it is and in which unit */
    public function results(): array;

    public function formula(): string;

    public function source(): string;

    /** @throws FigureError if the inputs contradict each other */
    public function compute(Inputs $inputs): Outcome;
}
