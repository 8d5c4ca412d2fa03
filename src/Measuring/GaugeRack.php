<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Measuring\Repository\GaugeRepository;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Quantity\QuantityError;

/** The gauges of the shop, and which of them a reading would be taken with. */
final class GaugeRack
{
    /** @var list<Gauge>|null */
    private ?array $gauges = null;

    /** @var array<string, list<string>> of their names, by id */
    private array $words = [];

    public function __construct(private readonly GaugeRepository $stored)
    {
    }

    /** @return list<Gauge> */
    public function all(): array
    {
        return $this->gauges ??= $this->stored->byName();
    }

    /** @return list<Gauge> */
    public function for(Field $field): array
    {
        return array_values(array_filter($this->all(), static fn (Gauge $gauge): bool => $gauge->method === $field->method));
    }

    /**
     * The one that the book's words mean: "micrometer 25–50 mm" is "Micrometer 25–50 no. 5".
     *
     * @param Limits|null $limits of the field: one whose range does not hold them is never chosen by itself
     */
    public function meant(Field $field, ?Limits $limits = null): ?Gauge
    {
        $wanted = self::words($field->gauge);
        $best = null;
        $most = 0;
        foreach ($this->for($field) as $gauge) {
            $this->words[(string) $gauge->id] ??= self::words($gauge->name);
            $common = \count(array_intersect($wanted, $this->words[(string) $gauge->id]));
            if ($common > $most && self::covers($gauge, $limits)) {
                [$best, $most] = [$gauge, $common];
            }
        }

        return $best;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        $plain = preg_replace('/[^a-z0-9]+/', ' ', mb_strtolower(strtr($text, ['–' => ' '])));

        return explode(' ', trim((string) $plain));
    }

    private static function covers(Gauge $gauge, ?Limits $limits): bool
    {
        foreach (null === $limits ? [] : array_filter([$limits->new, $limits->min, $limits->max]) as $size) {
            try {
                if (null !== $gauge->outOfRange($size)) {
                    return false;
                }
            } catch (QuantityError) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> benches to which some gauge sends */
    public function benches(): array
    {
        $benches = array_unique(array_filter(array_map(static fn (Gauge $gauge): string => $gauge->bench, $this->all())));
        sort($benches);

        return $benches;
    }
}
