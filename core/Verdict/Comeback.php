<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict;

use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Repair\PartsRemark;

/** The earlier repair beside this failure: what it did not deal with. */
final class Comeback
{
    /** From this grade on damage is more than a mark. */
    private const DAMAGED = 2;

    /** What went back in as it was, or nearly. */
    private const BACK_IN = [Disposition::Reuse, Disposition::CleanUp, Disposition::OneMoreRun];
    private const NEW_IN = [Disposition::Replace, Disposition::Upgrade, Disposition::AlwaysReplace];

    /**
     * @param array<string, int> $then part => worst grade of damage then; 0: looked at and good
     * @param array<string, Disposition> $became part => what became of it then
     * @param array<string, int> $now part => worst grade of damage now
     * @param list<string> $uncleaned parts that the debris of then had reached and nobody dealt with
     *
     * @return list<PartsRemark> parts found damaged now, parts found damaged then, what debris reached
     */
    public static function notDealtWith(array $then, array $became, array $now, array $uncleaned): array
    {
        $points = [];
        foreach ($now as $part => $grade) {
            $what = $became[$part] ?? null;
            if ($grade < self::DAMAGED) {
                continue;
            }
            if (\in_array($what, self::BACK_IN, true)) {
                $points[] = new PartsRemark(
                    [$part],
                    \sprintf(
                        'was put back in (%s)%s; now grade %d',
                        lcfirst($what->label()),
                        isset($then[$part]) ? \sprintf(', grade %d then', $then[$part]) : ', though nobody had looked at it',
                        $grade,
                    ),
                );
            } elseif (\in_array($what, self::NEW_IN, true)) {
                $points[] = new PartsRemark(
                    [$part],
                    \sprintf('was new; now grade %d: what damaged the old one damaged it too, or it was fitted wrong', $grade),
                );
            } elseif (null === $what && !isset($then[$part])) {
                $points[] = new PartsRemark([$part], \sprintf('was not looked at then; now grade %d', $grade));
            }
        }
        foreach ($then as $part => $grade) {
            if ($grade >= self::DAMAGED && !isset($became[$part])) {
                $points[] = new PartsRemark([$part], \sprintf('had grade %d then, and nobody wrote down what became of it', $grade));
            }
        }
        // What was replaced by a new one brought no debris along.
        $uncleaned = array_values(
            array_filter($uncleaned, static fn (string $part): bool => !\in_array($became[$part] ?? null, self::NEW_IN, true))
        );
        if ([] !== $uncleaned) {
            $points[] = new PartsRemark(
                $uncleaned,
                'the debris of then had reached it, and nobody wrote down that it was dealt with',
            );
        }

        return $points;
    }
}
