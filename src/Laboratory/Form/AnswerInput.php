<?php

declare(strict_types=1);

namespace App\Laboratory\Form;

use App\Platform\Words;

/** What a laboratory answered. */
final readonly class AnswerInput
{
    public string $reportNumber;
    public string $says;
    public string $rest;

    /** @var array<string, string> */
    public array $values;

    /** @var array<string, string> */
    public array $new;

    /**
     * @param array<string, string> $values by key of what was read
     * @param array<string, string> $new the fresh fluid's, or what is wanted
     * @param string $table as the laboratory sent it, with a line for each value
     */
    public function __construct(
        string $reportNumber = '',
        string $says = '',
        string $rest = '',
        array $values = [],
        array $new = [],
        public string $table = '',
    ) {
        $this->reportNumber = Words::of($reportNumber, 80);
        $this->says = Words::of($says, 4000);
        $this->rest = Words::of($rest, 200);
        $told = static fn (array $typed): array => array_filter(
            array_map(static fn (string $one): string => Words::of($one, 40), $typed),
            static fn (string $one): bool => '' !== $one,
        );
        [$this->values, $this->new] = [$told($values), $told($new)];
    }
}
