<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Measuring\Verdict;

/**
 * What is known of a case, free of where it is stored.
 *
 * @phpstan-type LookFact array{
 *     part: string, surface: string|null, mode: string|null, grade: int, order?: int|null, made?: list<DebrisKind>,
 * }
 * @phpstan-type ComplaintFact array{key: string, sudden?: bool|null, hot?: bool|null, fast?: bool|null, loaded?: bool|null}
 */
final readonly class Facts
{
    /**
     * @param list<LookFact> $looks mode null, or grade 0: looked, not there; order: happened as number, 1 is first; made: what debris is
     *                              of, empty: not told
     * @param list<ComplaintFact> $complaints hot: only when hot, or only when cold; fast: only at speed, or only at idle; loaded: only
     *                                        under load, or only without
     * @param list<array{part: string, name: string, verdict: Verdict}> $readings
     * @param bool $comeback did this unit fail before, and was it repaired here?
     * @param array<string, int> $orders states and origins => happened as number
     * @param array<string, string> $refused ties that somebody refused => why
     * @param array<string, array{bool, string}> $settled origins that a figure or a test speaks for or against => which, and in words
     * @param float|null $sinceRepair hours of service since somebody was inside; null: not known
     */
    public function __construct(
        public array $looks,
        public array $complaints,
        public array $readings,
        public bool $comeback = false,
        public array $orders = [],
        public array $refused = [],
        public array $settled = [],
        public ?float $sinceRepair = null,
    ) {
    }
}
