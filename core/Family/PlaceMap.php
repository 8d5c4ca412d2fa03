<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Answers whether a carrier joins two places of a book. A part stands for all its surfaces. */
final readonly class PlaceMap
{
    /** @var array<string, array<string, list<string>>> kind => part => parts beyond */
    private array $next;

    /** @var array<string, list<Carrier>> of the oil, by the part from which it comes */
    private array $oil;

    public function __construct(Book $book)
    {
        $next = $oil = [];
        foreach ($book->carriers as $carrier) {
            $from = self::part($carrier->from);
            $to = self::part($carrier->to);
            $next[$carrier->kind->value][$from][] = $to;
            if (CarrierKind::Oil === $carrier->kind) {
                $oil[$from][] = $carrier;
            }
            if (!$carrier->kind->hasDirection()) {
                $next[$carrier->kind->value][$to][] = $from;
            }
        }
        [$this->next, $this->oil] = [$next, $oil];
    }

    /** Two places of one part always are joined: harm spreads within a part by itself. */
    public function joins(CarrierKind $kind, string $from, string $to): bool
    {
        $from = self::part($from);
        $to = self::part($to);
        if ($from === $to) {
            return true;
        }
        if (!$kind->travels()) {
            return \in_array($to, $this->next[$kind->value][$from] ?? [], true);
        }
        $seen = [$from];
        for ($i = 0; $i < \count($seen); ++$i) {
            foreach ($this->next[$kind->value][$seen[$i]] ?? [] as $part) {
                if ($part === $to) {
                    return true;
                }
                if (!\in_array($part, $seen, true)) {
                    $seen[] = $part;
                }
            }
        }

        return false;
    }

    /**
     * The kinds of carrier that join two places.
     *
     * @return list<CarrierKind>
     */
    public function kindsBetween(string $from, string $to): array
    {
        return array_values(
            array_filter(
                CarrierKind::cases(),
                fn (CarrierKind $kind): bool => self::part($from) !== self::part($to) && $this->joins($kind, $from, $to),
            )
        );
    }

    /**
     * Every part that is reached from one by a carrier, the one itself first.
     *
     * @param bool $back against the direction: what it came from
     *
     * @return list<string>
     */
    public function reach(CarrierKind $kind, string $from, bool $back = false): array
    {
        $seen = [self::part($from)];
        for ($i = 0; $i < \count($seen); ++$i) {
            foreach ($this->next[$kind->value] ?? [] as $part => $beyond) {
                $more = $back ? (\in_array($seen[$i], $beyond, true) ? [$part] : []) : ($part === $seen[$i] ? $beyond : []);
                $seen = [...$seen, ...array_diff(array_unique($more), $seen)];
            }
        }

        return $seen;
    }

    /**
     * The shortest way of the oil from one part to another.
     *
     * @return list<Carrier> none: it does not lead there
     */
    public function oilWay(string $from, string $to): array
    {
        $cameBy = [self::part($from) => null];
        $open = [self::part($from)];
        while (null !== $at = array_shift($open)) {
            foreach ($this->oil[$at] ?? [] as $carrier) {
                $next = self::part($carrier->to);
                if (!\array_key_exists($next, $cameBy)) {
                    [$cameBy[$next], $open[]] = [$carrier, $next];
                }
            }
        }
        $way = [];
        for ($at = self::part($to); null !== ($carrier = $cameBy[$at] ?? null); $at = self::part($carrier->from)) {
            array_unshift($way, $carrier);
        }

        return $way;
    }

    private static function part(string $place): string
    {
        return explode('/', $place)[0];
    }
}
