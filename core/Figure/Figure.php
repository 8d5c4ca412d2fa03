<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

/** A calculation of the trade that can be asked for by name. One class each; the registry lists them. */
interface Figure
{
    public function card(): Card;

    /** @throws FigureError if the inputs contradict each other */
    public function compute(Inputs $inputs): Outcome;
}
