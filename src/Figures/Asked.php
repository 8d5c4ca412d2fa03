<?php

declare(strict_types=1);

namespace App\Figures;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Outcome;

/** A figure with what was typed for it: an answer, or what is still missing or wrong. */
final readonly class Asked
{
    /**
     * @param array<string, string> $typed as typed, blank ones left out
     * @param array<string, string> $errors by key; '' for what concerns no single key
     * @param list<string> $missing keys still to be filled
     */
    public function __construct(
        public Card $card,
        public array $typed,
        public array $errors,
        public array $missing,
        public ?Inputs $inputs,
        public ?Outcome $outcome,
    ) {
    }

    /** As one would ask for it on the command line. */
    public function command(): string
    {
        return './japhrex figure '.$this->card->name.implode(
            '',
            array_map(
                static fn (string $key, string $value): string => ' '.escapeshellarg($key.'='.$value),
                array_keys($this->typed),
                $this->typed,
            ),
        );
    }
}
