<?php

declare(strict_types=1);

namespace App\Proof\Form;

use App\Platform\Words;

/** The shop's own limit of something read in the proof, as typed, and where it is written. */
final readonly class ProofLimitInput
{
    public string $what;

    public string $least;

    public string $most;

    public string $source;

    public function __construct(string $what = '', string $least = '', string $most = '', string $source = '')
    {
        $this->what = Words::of($what, 120);
        $this->least = Words::of($least, 40);
        $this->most = Words::of($most, 40);
        $this->source = Words::of($source, 200);
    }
}
