<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Chain\Ground\DebrisAct;
use Japhrex\Core\Chain\Ground\Reached;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Family\Book;

/**
 * Works out what each option takes, from the plan, the book's hours, the price list and where debris went. Whoever offers it may change
 * every line.
 */
final readonly class OptionDraft
{
    /** Machining takes from half an hour to two, until somebody has looked at the drawing. */
    private const MACHINING = [0.5, 2.0];

    /** @var array<string, Price> standard prices by part */
    private array $standard;

    /** @var array<string, Price> prices of better versions by part */
    private array $better;

    /**
     * @param list<Price> $prices of the family
     * @param list<string> $undecided damaged parts of which nobody has decided: what they may cost is in the range
     * @param list<Reached> $reach where debris went, and what is to be done there
     */
    public function __construct(
        private Book $book,
        private RepairPlan $plan,
        private Rates $rates,
        array $prices,
        private array $undecided,
        private array $reach,
    ) {
        [$standard, $better] = [[], []];
        foreach ($prices as $price) {
            if ($price->upgrade) {
                $better[$price->part] = $price;
            } else {
                $standard[$price->part] = $price;
            }
        }
        [$this->standard, $this->better] = [$standard, $better];
    }

    /** @return list<Line> */
    public function lines(OptionKind $kind): array
    {
        return match ($kind) {
            OptionKind::AsItWas => [...$this->parts(false), ...$this->work()],
            OptionKind::Cured => [...$this->parts(true), ...$this->work()],
            OptionKind::Exchange => [...$this->unit(), ...$this->hours(['strip', 'clean and measure'])],
            OptionKind::NotWorth => $this->hours(['strip', 'clean and measure']),
        };
    }

    /** @return list<string> parts that are bought and that no price is known of */
    public function unpriced(): array
    {
        return array_values(array_filter($this->plan->bought(), fn (string $part): bool => !isset($this->standard[$part])));
    }

    /** @return list<string> parts that are bought and no longer made */
    public function gone(): array
    {
        return array_values(
            array_filter($this->plan->bought(), fn (string $part): bool => Supply::Gone === ($this->standard[$part]->supply ?? null))
        );
    }

    /** Has somebody a better version for a part that is to be upgraded, or can an exchange unit be had? */
    public function isPossible(OptionKind $kind): bool
    {
        return match ($kind) {
            OptionKind::Cured => \in_array(Disposition::Upgrade, $this->plan->decided, true),
            OptionKind::Exchange => isset($this->standard[Price::WHOLE_UNIT]),
            default => true,
        };
    }

    /** @return list<Line> */
    private function parts(bool $cured): array
    {
        $lines = [];
        foreach ($this->plan->bought() as $part) {
            $price = $cured && Disposition::Upgrade === $this->plan->decided[$part]
                ? $this->better[$part] ?? $this->standard[$part] ?? null
                : $this->standard[$part] ?? null;
            if (null !== $price) {
                $lines[] = $this->part($part, $price, true);
            }
        }
        foreach ($this->undecided as $part) {
            if (isset($this->standard[$part])) {
                $lines[] = $this->part($part, $this->standard[$part], false);
            }
        }

        return $lines;
    }

    private function part(string $key, Price $price, bool $certain): Line
    {
        $count = max(1, $this->book->parts[$key]->count ?? 1);
        $sum = $price->price->times($count);

        return new Line(
            \sprintf(
                '%s%s%s%s',
                $this->name($key),
                $count > 1 ? ", $count" : '',
                $price->upgrade ? ', better version' : '',
                $certain ? '' : ', if it has to be',
            ),
            'part',
            $certain ? $sum : $sum->times(0),
            $sum,
            $price->days,
        );
    }

    /** @return list<Line> */
    private function unit(): array
    {
        $price = $this->standard[Price::WHOLE_UNIT] ?? null;

        return null === $price ? [] : [new Line('Exchange unit', 'part', $price->price, $price->price, $price->days)];
    }

    /** @return list<Line> */
    private function work(): array
    {
        $lines = $this->hours(array_keys($this->book->upkeep->hours));
        $changed = array_filter(
            $this->plan->decided,
            static fn (Disposition $one): bool => Disposition::Machine === $one || !$one->keepsThePart(),
        );
        $stacks = \count($this->book->upkeep->settings);
        if ([] !== $changed && $stacks > 0) {
            $lines[] = $this->labour(\sprintf('Setting %d clearances and torques anew', $stacks), 'labour', $stacks * $this->rates->stack);
        }
        foreach (array_keys($this->plan->decided, Disposition::Machine, true) as $part) {
            [$low, $high] = self::MACHINING;
            $lines[] = new Line(
                'Machining: '.lcfirst($this->name($part)),
                'machining',
                $this->rates->labour($low),
                $this->rates->labour($high),
                hours: $high,
            );
        }
        $cleaned = \count(array_keys($this->plan->decided, Disposition::CleanUp, true));
        if ($cleaned > 0) {
            $lines[] = $this->labour(
                \sprintf('Cleaning up %d %s', $cleaned, 1 === $cleaned ? 'part' : 'parts'),
                'labour',
                $cleaned * $this->rates->clean,
            );
        }

        return [...$lines, ...$this->debris()];
    }

    /** @return list<Line> */
    private function debris(): array
    {
        $bought = $this->plan->bought();
        $lines = [];
        $clean = 0;
        foreach ($this->reach as $place) {
            if (\in_array($place->part, $bought, true)) {
                continue;
            }
            if (DebrisAct::Replace === $place->do && isset($this->standard[$place->part])) {
                $lines[] = $this->part($place->part, $this->standard[$place->part], true);
            } else {
                ++$clean;
            }
        }
        if ($clean > 0) {
            $lines[] = $this->labour(\sprintf('Cleaning %d places that debris reached', $clean), 'cleaning', $clean * $this->rates->clean);
        }

        return $lines;
    }

    /**
     * @param list<string> $which keys of the book's hours
     *
     * @return list<Line>
     */
    private function hours(array $which): array
    {
        $lines = [];
        foreach (array_intersect_key($this->book->upkeep->hours, array_flip($which)) as $work => $hours) {
            $lines[] = $this->labour(ucfirst($work), 'labour', $hours);
        }

        return $lines;
    }

    private function labour(string $what, string $kind, float $hours): Line
    {
        $cost = $this->rates->labour($hours);

        return new Line($what, $kind, $cost, $cost, hours: $hours);
    }

    private function name(string $part): string
    {
        return $this->book->parts[$part]->name ?? $part;
    }
}
