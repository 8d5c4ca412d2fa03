<?php

declare(strict_types=1);

namespace App\Evidence;

use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Statistics\Proportion;

/** In how many units of a family a part had to be replaced in this shop, with what so few say. */
final readonly class ReplacedBefore
{
    private function __construct(public int $replaced, public int $of, public int $low, public int $high)
    {
    }

    /**
     * @param array<string, int> $cameTo value of the disposition => how often
     *
     * @return self|null null: nobody has decided on one yet
     */
    public static function of(array $cameTo): ?self
    {
        $of = array_sum($cameTo);
        if (0 === $of) {
            return null;
        }
        $replaced = array_sum(array_filter(
            $cameTo,
            static fn (string $what): bool => Disposition::from($what)->isRenewed(),
            \ARRAY_FILTER_USE_KEY,
        ));
        $share = new Proportion($replaced, $of);

        return new self($replaced, $of, (int) round($share->low() * 100), (int) round($share->high() * 100));
    }
}
