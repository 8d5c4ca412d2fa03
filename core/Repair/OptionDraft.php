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

    private PriceSheet $sheet;

    /**
     * @param list<Price> $prices of the family
     * @param list<string> $undecided damaged parts of which nobody has decided: what they may cost is in the range
     * @param list<Reached> $reach where debris went, and what is to be done there
     * @param array<string, string> $chosen choice of the book => side that was taken, where it costs more
     */
    public function __construct(
        private Book $book,
        private RepairPlan $plan,
        private Rates $rates,
        array $prices,
        private array $undecided,
        private array $reach,
        private array $chosen = [],
    ) {
        $this->sheet = new PriceSheet($prices);
    }

    /** @return list<Line> */
    public function lines(OptionKind $kind): array
    {
        return match ($kind) {
            OptionKind::AsItWas => [...$this->parts(false), ...$this->work()],
            OptionKind::Cured => [...$this->parts(true), ...$this->work()],
            OptionKind::Renewed => $this->renewed()->lines(OptionKind::AsItWas),
            OptionKind::Donor => [...$this->sheet->unit(Price::DONOR, 'Donor unit'), ...$this->withDonor()->lines(OptionKind::AsItWas)],
            OptionKind::Field => [...$this->parts(false), ...array_map(self::inTheField(...), $this->work())],
            OptionKind::Exchange => [
                ...$this->sheet->unit(Price::WHOLE_UNIT, 'Exchange unit'),
                ...$this->hours(['strip', 'clean and measure']),
            ],
            OptionKind::OtherSize => [...$this->sheet->otherSizes(), ...$this->hours(['strip', 'clean and measure'])],
            OptionKind::NotWorth => $this->hours(['strip', 'clean and measure']),
        };
    }

    /** @return list<string> parts that are bought and that no price is known of */
    public function unpriced(): array
    {
        $inKits = array_merge(...array_map(static fn (KitUse $one): array => $one->used, $this->pricedKits()));

        return array_values(array_filter(
            array_diff($this->plan->bought(), $inKits),
            fn (string $part): bool => !isset($this->sheet->standard[$part]),
        ));
    }

    /** @return list<string> parts that are bought and no longer made */
    public function gone(): array
    {
        return array_values(
            array_filter($this->plan->bought(), fn (string $part): bool => Supply::Gone === ($this->sheet->standard[$part]->supply ?? null))
        );
    }

    /** Has somebody a better version for a part that is to be upgraded, or can an exchange unit be had? */
    public function isPossible(OptionKind $kind): bool
    {
        return match ($kind) {
            OptionKind::Cured => \in_array(Disposition::Upgrade, $this->plan->decided, true),
            OptionKind::Renewed => [] !== $this->machinedThatCanBeNew(),
            OptionKind::Donor => isset($this->sheet->standard[Price::DONOR]),
            OptionKind::Field => !\in_array(Disposition::Machine, $this->plan->decided, true),
            OptionKind::Exchange => isset($this->sheet->standard[Price::WHOLE_UNIT]),
            OptionKind::OtherSize => [] !== $this->sheet->otherSizes(),
            default => true,
        };
    }

    /** @return list<string> parts of which a new one would take so many days or more that it is ordered at once */
    public function longLead(int $days): array
    {
        return array_values(array_filter(
            $this->plan->bought(),
            fn (string $part): bool => ($this->sheet->standard[$part]->days ?? 0) >= $days,
        ));
    }

    /** @return list<KitUse> kits that serve and are bought as one: cheaper than their parts, or the only ones with a price */
    public function pricedKits(): array
    {
        return array_values(array_filter($this->plan->kits, function (KitUse $use): bool {
            $kit = $this->sheet->standard[Price::KIT.$use->kit->key] ?? null;
            $known = array_filter($use->used, fn (string $part): bool => isset($this->sheet->standard[$part]));
            if (null === $kit || [] === $use->used) {
                return false;
            }
            $sum = array_sum(array_map(
                fn (string $part): int => $this->sheet->standard[$part]->price->minor * max(1, $this->book->parts[$part]->count ?? 1),
                $known,
            ));

            return \count($known) < \count($use->used) || $kit->price->minor <= $sum;
        }));
    }

    /** @return list<string> parts that are machined and could be had new */
    private function machinedThatCanBeNew(): array
    {
        return array_values(array_filter(
            array_keys($this->plan->decided, Disposition::Machine, true),
            fn (string $part): bool => isset($this->sheet->standard[$part]) && Supply::Gone !== $this->sheet->standard[$part]->supply,
        ));
    }

    private function renewed(): self
    {
        return $this->deciding(array_fill_keys($this->machinedThatCanBeNew(), Disposition::Replace));
    }

    /** What is no longer made, or is machined, comes from the donor. */
    private function withDonor(): self
    {
        return $this->deciding(array_fill_keys(
            [...$this->gone(), ...array_keys($this->plan->decided, Disposition::Machine, true)],
            Disposition::Reuse,
        ));
    }

    /** @param array<string, Disposition> $otherwise */
    private function deciding(array $otherwise): self
    {
        return new self(
            $this->book,
            RepairPlan::of($this->book, $otherwise + $this->plan->decided),
            $this->rates,
            $this->sheet->prices,
            $this->undecided,
            $this->reach,
            $this->chosen,
        );
    }

    /** In the field everything takes half as long again. */
    private static function inTheField(Line $line): Line
    {
        $most = $line->high->plus($line->high->ofTenThousand(5000));

        return new Line($line->what, $line->kind, $line->low, $most, $line->days, 1.5 * $line->hours);
    }

    /** @return list<Line> */
    private function parts(bool $cured): array
    {
        $lines = [];
        $inKits = [];
        foreach ($this->pricedKits() as $use) {
            $price = $this->sheet->standard[Price::KIT.$use->kit->key];
            $lines[] = PriceSheet::line($use->kit->name, $price);
            array_push($inKits, ...$use->used);
        }
        foreach (array_diff($this->plan->bought(), $inKits) as $part) {
            $price = $cured && Disposition::Upgrade === $this->plan->decided[$part]
                ? $this->sheet->better[$part] ?? $this->sheet->standard[$part] ?? null
                : $this->sheet->standard[$part] ?? null;
            if (null !== $price) {
                $lines[] = $this->part($part, $price, true);
            }
        }
        array_push($lines, ...$this->sheet->sides($this->book->upkeep, $this->chosen));
        foreach ($this->undecided as $part) {
            if (isset($this->sheet->standard[$part])) {
                $lines[] = $this->part($part, $this->sheet->standard[$part], false);
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
            if (DebrisAct::Replace === $place->do && isset($this->sheet->standard[$place->part])) {
                $lines[] = $this->part($place->part, $this->sheet->standard[$place->part], true);
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
