<?php

declare(strict_types=1);

namespace Japhrex\Tests\stories;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Small changes to a case that ought not to move its first candidate: a find graded one lower or higher, one left out, a harmless mark read
 * as damage, and a unit that an earlier look called clean looked at no more. Seeded: the same changes each time.
 *
 * @phpstan-type Look array{place: string, mode: string, grade: int, made: list<string>}
 * @phpstan-type Told array{seen: list<Look>, clean: list<array{place: string}>, ...}
 */
final readonly class Robustness
{
    public const CHANGES = ['graded lower', 'graded higher', 'a find left out', 'a harmless mark', 'a clean look left out'];

    private Randomizer $random;

    public function __construct()
    {
        $this->random = new Randomizer(new Mt19937(20261130));
    }

    /**
     * @param array<string, mixed> $case as `diagnose` takes it
     *
     * @return array<string, array<string, mixed>> change => the case after it; without those that there is nothing to change for
     */
    public function changed(array $case): array
    {
        /** @var Told $case */
        $changed = [];
        $seen = array_keys($case['seen']);
        if ([] !== $seen) {
            $at = $this->random->pickArrayKeys($seen, 1)[0];
            foreach (['graded lower' => -1, 'graded higher' => 1] as $name => $by) {
                $grade = $case['seen'][$at]['grade'] + $by;
                if ($grade >= 1 && $grade <= 4) {
                    $changed[$name] = $case;
                    $changed[$name]['seen'][$at]['grade'] = $grade;
                }
            }
            $changed['a find left out'] = ['seen' => array_values(array_diff_key($case['seen'], [$at => true]))] + $case;
        }
        if ([] !== $case['clean']) {
            $at = $this->random->pickArrayKeys($case['clean'], 1)[0];
            $left = array_values(array_diff_key($case['clean'], [$at => true]));
            $changed['a clean look left out'] = ['clean' => $left] + $case;
            // A line that running leaves, taken for a trace of scoring.
            $mark = ['place' => explode('/', $case['clean'][$at]['place'])[0], 'mode' => 'scoring', 'grade' => 1, 'made' => []];
            $changed['a harmless mark'] = ['clean' => $left, 'seen' => [...$case['seen'], $mark]] + $case;
        }

        return $changed;
    }
}
