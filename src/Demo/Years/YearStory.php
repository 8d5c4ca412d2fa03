<?php

declare(strict_types=1);

namespace App\Demo\Years;

/** A failure as it comes in again and again. */
final readonly class YearStory
{
    /**
     * @param array<string, float> $at customer => so many times likelier there
     * @param non-empty-array<string, float> $models maker and model => scale of its life against the others
     * @param list<string> $machines in which it sits
     * @param list<array{part: string, surface: string|null, mode: string, grade: int}> $finds
     * @param string $after key of the story by which a unit of this one comes back; empty: by the same
     * @param array{float, float} $life shape and scale (hours) of a Weibull distribution
     */
    private function __construct(
        public string $key,
        public float $weight,
        public array $at,
        public string $family,
        public array $models,
        public array $machines,
        public string $unit,
        public string $complaint,
        public ?string $warmth,
        public string $onset,
        public string $words,
        public array $finds,
        public string $origin,
        public ?string $place,
        public string $name,
        public string $kind,
        public string $carries,
        public array $life,
        public string $after,
    ) {
    }

    /** @param array<string, mixed> $row of demo/years.yaml */
    public static function of(string $key, array $row): self
    {
        $text = static fn (string $of): string => \is_scalar($row[$of] ?? null) ? (string) $row[$of] : '';
        /**
         * @var array{
         *     at?: array<string, float>, models: non-empty-array<string, float>, machines: list<string>, life: array{float, float},
         * } $row
         */
        $finds = array_map(self::find(...), explode(';', $text('finds')));

        return new self(
            $key, (float) $text('weight'), $row['at'] ?? [], $text('family'), $row['models'], $row['machines'],
            $text('unit'),
            $text('complaint'), $text('warmth') ?: null, $text('onset'), $text('words'), $finds,
            $text('origin'),
            $text('place') ?: null, $text('name'), $text('kind'), $text('carries'), $row['life'],
            $text('after'),
        );
    }

    /** @return array{part: string, surface: string|null, mode: string, grade: int} */
    private static function find(string $typed): array
    {
        [$place, $mode, $grade] = explode(' ', trim($typed));
        $at = explode('/', $place);

        return ['part' => $at[0], 'surface' => $at[1] ?? null, 'mode' => $mode, 'grade' => (int) $grade];
    }

    /** As the network of the engine names it. */
    public function spot(): string
    {
        return 'origin:'.$this->origin.(null === $this->place ? '' : '@'.$this->place);
    }
}
