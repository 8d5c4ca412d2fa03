<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

use Japhrex\Core\Measuring\Gauging;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** A value of a feature: a size with its uncertainty, a count, or words. */
final readonly class Value
{
    /**
     * @param string $typed as it was typed
     * @param float|null $si size or count; null: words
     * @param float $u standard uncertainty of a size, SI
     */
    public function __construct(public string $typed, public ?float $si = null, public float $u = 0.0)
    {
    }

    /** A size as typed, its last digit taken as all that is known of the gauge: u = step / (2 √3) (JCGM 100, F.2.2.1). */
    public static function size(string $typed, Dimension $dimension): ?self
    {
        try {
            $size = Quantity::parse($typed, $dimension);

            return $size->si > 0 ? new self($typed, $size->si, Gauging::stepOf([$typed], $dimension)->si / sqrt(12)) : null;
        } catch (QuantityError) {
            return null;
        }
    }

    /** The same words or the same count; sizes are never simply the same. */
    public function is(self $other): bool
    {
        return null === $this->si
            ? self::plain($this->typed) === self::plain($other->typed)
            : $this->si === $other->si;
    }

    private static function plain(string $words): string
    {
        return mb_strtolower((string) preg_replace('/[^\pL\pN]+/u', ' ', trim($words)));
    }
}
