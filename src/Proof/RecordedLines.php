<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\CurrentPerson;
use App\Intake\Kept\KeptOfCase;

/** The lines of recordings, drawn once: a recording stays as it came. */
final readonly class RecordedLines
{
    public function __construct(private StandTrace $draws, private KeptOfCase $kept, private CurrentPerson $person)
    {
    }

    /**
     * @param list<StandRecording> $recordings
     *
     * @return array<string, list<DrawnStrip>> by id
     */
    public function of(array $recordings): array
    {
        $lines = [];
        foreach ($recordings as $one) {
            $lines[(string) $one->id] = $this->kept->of(
                $one->case,
                \sprintf('lines of %s in %s', $one->id, $this->person->units()->value),
                fn (): array => $this->draws->draw($one->trace()),
            );
        }

        return $lines;
    }
}
