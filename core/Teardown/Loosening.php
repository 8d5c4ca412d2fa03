<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

use Japhrex\Core\Family\BuildSetting;
use Japhrex\Core\Family\Fasteners;
use Japhrex\Core\Family\Upkeep;

/** What loosening the fasteners of a joint takes: force, bar and a second hand, before somebody pulls with all his weight. */
final readonly class Loosening
{
    /** Rusted or settled, a fastener takes up to so many times the torque that it was tightened with. */
    private const STUCK = 2.0;

    /** What one person pulls steadily on a bar, N. */
    private const PULL = 300.0;

    /** A bar longer than this wants a second hand or a torque multiplier, m. */
    private const LONGEST = 1.0;

    /** @param float $torque with which they were tightened, N·m; 0: the book does not say */
    private function __construct(public Fasteners $joint, public float $torque)
    {
    }

    /** @return list<self> of the fasteners that come off with a strip step */
    public static function of(Upkeep $upkeep, string $step): array
    {
        $plans = [];
        foreach ($upkeep->fasteners as $joint) {
            if ($joint->step === $step) {
                $torques = array_map(
                    static fn (BuildSetting $one): float => 1 === preg_match('/([\d.]+)\s*N·m/u', $one->value, $m) ? (float) $m[1] : 0.0,
                    array_filter($upkeep->settings, static fn (BuildSetting $one): bool => $one->fastens === $joint->key),
                );
                $plans[] = new self($joint, [] === $torques ? 0.0 : max($torques));
            }
        }

        return $plans;
    }

    /** Length of a bar with which one person breaks them loose, m. */
    public function bar(): float
    {
        return self::STUCK * $this->torque / self::PULL;
    }

    public function wantsAHelper(): bool
    {
        return $this->bar() > self::LONGEST;
    }
}
