<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\LimitVerdict;

/**
 * A grade proposed from what is known of a part, with its arithmetic: each thing known gives a grade, the worst counts, and the
 * kind of damage may bound it. The analyst decides.
 */
final readonly class GradeProposal
{
    /** From this share of a face on, %, damage is of this grade at least. */
    private const SHARES = [60 => 4, 30 => 3, 10 => 2, 0 => 1];

    /**
     * By the anchors in words of each kind: what breaks or cracks where it works is of grade 2 at least, polish is never more than light.
     */
    private const AT_LEAST = ['fracture' => 2, 'cracking' => 2, 'seal-extrusion' => 2];
    private const AT_MOST = ['polishing' => 1];

    /** @param list<string> $reasons the arithmetic, line by line */
    private function __construct(public int $grade, public array $reasons)
    {
    }

    /**
     * @param string $mode key of the kind of damage; empty: not said
     * @param float|null $share of the face that is damaged, %
     * @param array<string, FieldAssessment> $readings what was read, by its name; the worst place counts
     */
    public static function of(string $mode, ?Feel $feel, ?float $share, array $readings): ?self
    {
        $grades = [];
        if (null !== $feel) {
            $grades[] = [match ($feel) {
                Feel::Glides => 1, Feel::Felt => 2, Feel::Catches => 3, Feel::PickStops => 4,
            }, $feel->label()];
        }
        if (null !== $share) {
            foreach (self::SHARES as $from => $grade) {
                if ($share >= $from) {
                    $grades[] = [$grade, \sprintf('%.0f %% of the face, from %d %% on', $share, $from)];
                    break;
                }
            }
        }
        foreach ($readings as $name => $reading) {
            if (LimitVerdict::Outside === $reading->verdict) {
                $grades[] = [3, $name.('' === $reading->worst->place ? '' : ' at '.$reading->worst->place).' beyond its limit'];
            } elseif (null !== $reading->wearUsed && $reading->wearUsed >= 0.5) {
                $grades[] = [2, \sprintf('%s has used %.0f %% of its wear', $name, 100 * $reading->wearUsed)];
            }
        }
        if ([] === $grades) {
            return null;
        }
        $worst = max(array_column($grades, 0));
        $reasons = array_map(static fn (array $one): string => \sprintf('%s: %d', $one[1], $one[0]), $grades);
        $bounded = min(self::AT_MOST[$mode] ?? 4, max(self::AT_LEAST[$mode] ?? 0, $worst));
        if ($bounded !== $worst) {
            $reasons[] = \sprintf('this kind of damage is %s: %d', $bounded > $worst ? 'never less' : 'never more', $bounded);
        }

        return new self($bounded, $reasons);
    }
}
