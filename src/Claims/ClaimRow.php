<?php

declare(strict_types=1);

namespace App\Claims;

use App\Intake\CaseFile;
use Japhrex\Core\Verdict\Claim\ClaimState;

/** A claim in a list, read without its case. */
final readonly class ClaimRow
{
    /**
     * @param string $number of the claim
     * @param string $addressee its first line
     * @param \DateTimeImmutable|null $day of its last step; null: it was not sent yet
     * @param string $amount of its last step, as written; empty: none
     */
    private function __construct(
        public string $number,
        public string $case,
        public int $ordinal,
        public string $unit,
        public string $addressee,
        public ClaimState $state,
        public ?\DateTimeImmutable $day,
        public string $amount,
        public string $words,
    ) {
    }

    /**
     * @param array{
     *     case: string, ordinal: int, unit_name: string, maker: string, model: string, addressee: string, state: string,
     *     day: string|null, amount: string|null, words: string|null,
     * } $row
     */
    public static function of(array $row): self
    {
        return new self(
            Claim::numbered($row['case'], $row['ordinal']), $row['case'], $row['ordinal'],
            CaseFile::called($row['unit_name'], $row['maker'], $row['model']), $row['addressee'], ClaimState::from($row['state']),
            null === $row['day'] ? null : new \DateTimeImmutable($row['day']), $row['amount'] ?? '', $row['words'] ?? '',
        );
    }
}
