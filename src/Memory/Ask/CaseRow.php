<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Intake\Frame\WearCell;

/** A case as a line of a list. */
final readonly class CaseRow
{
    /**
     * @param string $name what it is, as the floor calls it
     * @param string $found what two have signed that it was; empty: nothing is signed
     * @param float|null $hours since new
     * @param int|null $offered cents
     * @param list<WearCell> $strip
     */
    public function __construct(
        public string $id,
        public string $number,
        public string $family,
        public string $name,
        public string $model,
        public string $serial,
        public string $customer,
        public string $complains,
        public bool $isComeback,
        public bool $isWithdrawn,
        public string $waits,
        public string $stands,
        public string $holder,
        public \DateTimeImmutable $takenAt,
        public ?\DateTimeImmutable $signedAt,
        public ?\DateTimeImmutable $outAt,
        public ?float $hours,
        public string $found,
        public ?string $claim,
        public ?int $offered,
        public ?int $claimed,
        public ?string $cure,
        public int $worst,
        public array $strip,
    ) {
    }

    /** Its strip in words: what is worn or broken; empty: nothing is graded so. */
    public function worn(): string
    {
        $worn = array_filter($this->strip, static fn (WearCell $cell): bool => $cell->grade > 0);

        return implode(', ', array_map(static fn (WearCell $cell): string => $cell->say(), $worn));
    }

    /** @param array<string, mixed> $row of `memory_case` */
    public static function of(array $row): self
    {
        $text = static fn (string $of): string => \is_scalar($row[$of]) ? (string) $row[$of] : '';
        $orNull = static fn (string $of): ?string => null === $row[$of] ? null : $text($of);
        $day = static fn (string $of): ?\DateTimeImmutable => null === $row[$of] ? null : new \DateTimeImmutable($text($of));
        $number = static fn (string $of): ?int => null === $row[$of] ? null : (int) $text($of);
        /** @var list<array{string, string, int|null}> $strip */
        $strip = json_decode($text('strip'), true, 512, \JSON_THROW_ON_ERROR);

        return new self(
            $text('case_id'), $text('number'), $text('family'),
            $text('unit_name') ?: ($text('model') ?: 'Unit without a name'),
            $text('model'), $text('serial'), $text('customer'), $text('complains'), (bool) $row['is_comeback'], (bool) $row['is_withdrawn'],
            $text('waits'), $text('stands'), $text('holder'), $day('taken_at') ?? throw new \LogicException('A case was taken in once.'),
            $day('signed_at'), $day('out_at'), null === $row['hours'] ? null : (float) $text('hours'), $text('found'), $orNull('claim'),
            $number('offered'), $number('claimed'), $orNull('cure'), (int) $text('worst'),
            array_map(static fn (array $cell): WearCell => new WearCell($cell[0], $cell[1], $cell[2], false), $strip),
        );
    }
}
