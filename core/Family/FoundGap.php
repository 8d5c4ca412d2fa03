<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Figure\Fill\Expression;
use Japhrex\Core\Figure\Fill\Sources;
use Japhrex\Core\Figure\Fill\Spread;
use Japhrex\Core\Figure\Fill\Take;
use Japhrex\Core\Figure\Fill\Term;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** A gap of a leak route as the readings of a case have it. */
final readonly class FoundGap
{
    /**
     * @param list<string> $gaps at each place, as typed, or the two ends of a band; none while something was not read
     * @param bool $isBand the places do not pair: the gap lies between the two
     * @param list<string> $from what it was worked out from
     * @param list<string> $unread what was not read for it, in words
     */
    private function __construct(public LeakRoute $route, public array $gaps, public bool $isBand, public array $from, public array $unread)
    {
    }

    /** @param \Closure(string): string $name of a reading, in words */
    public static function of(LeakRoute $route, Sources $sources, \Closure $name): self
    {
        $expression = Expression::of(trim($route->found, '{}'));
        $from = $unread = [];
        foreach ($expression->references() as $reference) {
            $known = $sources->known($reference);
            null === $known ? $unread[] = $name($reference) : $from[] = $known->name;
            foreach ($known->unread ?? [] as $place) {
                $unread[] = str_contains($place, ': ') ? $place : $known?->name.': '.$place;
            }
        }
        $each = array_filter($expression->readings(), static fn (Term $term): bool => null === $term->take || Take::Each === $term->take);
        $spread = Spread::over(array_map(static fn (Term $term): string => $term->reference, array_values($each)), $sources);
        $gaps = [];
        foreach ($spread->ways as $way) {
            $gap = $expression->text($way->sources);
            if (null === $gap) {
                return new self($route, [], false, $from, array_values(array_unique($unread)));
            }
            $gaps[] = $gap;
        }
        if ($spread->isBand) {
            usort(
                $gaps,
                static fn (string $a, string $b): int => Quantity::parse(
                    $a,
                    Dimension::Length,
                )->si <=> Quantity::parse($b, Dimension::Length)->si,
            );
            $gaps = array_values(array_unique([$gaps[0], $gaps[\count($gaps) - 1]]));
        }

        return new self($route, $gaps, \count($gaps) > 1 && $spread->isBand, $from, array_values(array_unique($unread)));
    }

    /** Is something of it known as found? */
    public function isKnown(): bool
    {
        return [] !== $this->gaps;
    }

    /** Was all of it read? */
    public function isMeasured(): bool
    {
        return $this->isKnown() && [] === $this->unread;
    }

    /** As `paths` takes it; as new while nothing is known. Most: the end of what it may be that leaks most. */
    public function paths(bool $most): string
    {
        if ([] === $this->gaps) {
            return $this->route->asNew($most);
        }

        return $this->route->with($this->isBand ? [$most ? $this->gaps[\count($this->gaps) - 1] : $this->gaps[0]] : $this->gaps, $most);
    }

    /** @return list<Quantity> the gap of one place, or the two ends where places differ */
    public function range(): array
    {
        $sizes = array_map(
            static fn (string $gap): Quantity => Quantity::parse($gap, Dimension::Length),
            [] === $this->gaps ? [$this->route->new] : $this->gaps,
        );
        usort($sizes, static fn (Quantity $a, Quantity $b): int => $a->si <=> $b->si);

        return $sizes[0]->equals($sizes[\count($sizes) - 1]) ? [$sizes[0]] : [$sizes[0], $sizes[\count($sizes) - 1]];
    }
}
