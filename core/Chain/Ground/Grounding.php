<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Mechanism;
use Japhrex\Core\Chain\Mechanism\Rule;
use Japhrex\Core\Chain\Mechanism\Term;
use Japhrex\Core\Chain\Mechanism\Vocabulary;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\CarrierKind;

/**
 * Writes the network of a book for a case: every mechanism wherever its rules hold, then what was seen. The same input, the same network.
 */
final class Grounding
{
    /** A hole of this grade lets by what it should hold. */
    private const TORN = 2;

    /** @var array<string, Mechanism> with those of their rules that hold in this medium */
    private readonly array $mechanisms;

    /** @var array<string, Mechanism> those that are not the analyst's alone */
    private readonly array $ruled;

    private readonly CarrierPlaces $places;

    /** @var array<string, Spot> */
    private array $spots = [];

    /** @var array<string, Tie> */
    private array $ties = [];

    /** @var array<string, array<string, list<array{string, string, bool}>>> by term and place: most rules say the same of a place */
    private array $reached = [];

    private SpotFactory $make;

    /** @var array<string, true> parts that were seen torn or broken: as filters they hold nothing back */
    private array $torn = [];

    /**
     * @param array<string, Mechanism> $mechanisms
     * @param BaseRates|null $rates what this shop has seen; null: the book alone
     */
    public function __construct(
        private readonly Book $book,
        private readonly ModeCatalogue $modes,
        array $mechanisms,
        private readonly Vocabulary $vocabulary,
        private readonly ?BaseRates $rates = null,
    ) {
        $this->places = new CarrierPlaces($book);
        $this->ruled = array_filter($mechanisms, static fn (Mechanism $one): bool => [] !== $one->rules);
        $this->mechanisms = array_map(static fn (Mechanism $one): Mechanism => $one->in($book->medium, $vocabulary), $mechanisms);
    }

    public function ground(Facts $facts): Ground
    {
        [$this->spots, $this->ties, $this->reached] = [[], [], []];
        $this->torn = array_fill_keys($facts->torn(self::TORN), true);
        $this->make = new SpotFactory($this->book, $this->modes, $this->vocabulary, $this->rates, $facts);
        foreach ($this->mechanisms as $mechanism) {
            foreach ($mechanism->whereSeen ? [] : $mechanism->rules as $rule) {
                $this->apply($mechanism, $rule);
            }
        }
        $seen = $this->evidence($facts);
        foreach ((new Untold($this->mechanisms, $this->places))->of($this->spots, $this->ties, $seen) as $tie) {
            $this->ties[$tie->key()] ??= $tie;
        }
        $this->ties = array_filter(
            $this->ties,
            fn (Tie $tie): bool => !($this->mechanisms[$tie->mechanism]->onceSeen ?? false)
                || true === ($seen[$tie->from] ?? null)?->speaksFor(),
        );
        $orders = $this->orders($facts);
        [$this->ties, $barred] = Barring::of($this->ties, $facts->refused, $orders);
        [$kept, $cut] = Loops::cut($this->ties, $this->spots, $this->places);
        $shared = LeakShares::of($this->spots, $this->vocabulary, $this->places);
        $this->spots = LeakShares::ofGrave($shared, $this->worst($facts), $this->vocabulary->weights);
        ksort($this->spots);

        return new Ground($this->spots, $kept, $cut, $seen, $barred, $orders, $this->vocabulary->weights, $facts->cameApart());
    }

    /** @return list<string> mechanisms of which no rule holds anywhere in this book */
    public function withoutPlace(): array
    {
        [$this->spots, $this->ties, $this->reached] = [[], [], []];
        $this->make = new SpotFactory($this->book, $this->modes, $this->vocabulary, $this->rates, new Facts([], [], []));
        $without = [];
        foreach ($this->mechanisms as $key => $mechanism) {
            $before = \count($this->ties);
            foreach ($mechanism->rules as $rule) {
                $this->apply($mechanism, $rule);
            }
            if (isset($this->ruled[$key]) && $before === \count($this->ties)) {
                $without[] = $mechanism->key;
            }
        }

        return $without;
    }

    /** @return array<string, int> the worst grade that was seen, by spot */
    private function worst(Facts $facts): array
    {
        $worst = [];
        foreach ($facts->looks as $look) {
            if (null !== $look->mode && $look->grade > 0) {
                $id = $this->sighted($look->mode, $look->part, $this->placesOf($look));
                $worst[$id] = max($worst[$id] ?? 0, $look->grade);
            }
        }

        return $worst;
    }

    private function apply(Mechanism $mechanism, Rule $rule): void
    {
        foreach ($this->places->where($rule->where) as $place) {
            foreach ($this->reached($rule->if, $place) as [$from, $byFrom, $filterFrom]) {
                foreach ($this->reached($rule->then, $place) as [$to, $byTo, $filterTo]) {
                    if ($from === $to) {
                        continue;
                    }
                    $held = $filterFrom || $filterTo ? $this->getsPast(CarrierPlaces::partOf($place)) : 1.0;
                    $strength = $rule->strength * $held;
                    $key = $from.'>'.$to.'>'.$mechanism->key;
                    if (!isset($this->ties[$key]) || $this->ties[$key]->strength < $strength) {
                        $this->ties[$key] = new Tie($from, $to, $mechanism->key, $strength, $byFrom ?: $byTo);
                    }
                }
            }
        }
    }

    /** Share of debris that a filter lets by; a screen in the suction is coarse, or its pump would starve. */
    private function getsPast(string $filter): float
    {
        return match (true) {
            isset($this->torn[$filter]) => 1.0,
            $this->places->has($filter, 'suction') && !$this->places->has($filter, 'fine') => $this->vocabulary->weights->throughSuction,
            default => $this->vocabulary->weights->through,
        };
    }

    /** @return list<array{string, string, bool}> ids of the conditions that a term means at a place, by which carrier, and past a filter */
    private function reached(Term $term, string $place): array
    {
        return $this->reached[$term->kind.':'.$term->key.'@'.$term->relation][$place] ??= $this->reach($term, $place);
    }

    /** @return list<array{string, string, bool}> */
    private function reach(Term $term, string $place): array
    {
        $part = CarrierPlaces::partOf($place);
        $surfaces = array_map(
            static fn (string $one): array => [$one, '', false],
            str_contains($place, '/') ? [$place] : $this->places->facesOf($part),
        );
        $found = match ($term->relation) {
            // Of the unit as a whole, unless there is one of it in each part.
            '' => [[$part, '', false]],
            'here' => 'damage' === $term->kind && !$this->isOfPart($term->key) ? $surfaces : [[$part, '', false]],
            'mate' => array_map(static fn (string $mate): array => [$mate, CarrierKind::Touch->value, false], $this->places->mates($place)),
            'downstream' => $this->beside(CarrierKind::Oil, $part),
            'sieved', 'drawn' => array_map(
                static fn (string $catch): array => [$catch, CarrierKind::Oil->value, false],
                $this->places->catches($part, 'drawn' === $term->relation),
            ),
            default => array_merge(
                ...array_map(
                    fn (CarrierKind $kind): array => $this->beside($kind, $part),
                    [CarrierKind::Touch, CarrierKind::Hold, CarrierKind::Drive, CarrierKind::Seal],
                )
            ),
        };
        $ids = [];
        foreach ($found as [$at, $by, $filter]) {
            foreach ($this->spot($term, '' === $at ? null : $at) as $id) {
                $ids[$id] = [$id, $by, $filter];
            }
        }

        return array_values($ids);
    }

    /** @return list<array{string, string, bool}> */
    private function beside(CarrierKind $kind, string $part): array
    {
        $found = [];
        foreach ($this->places->neighbours($kind, $part) as $other => $filter) {
            $found[] = [$other, $kind->value, $filter];
        }

        return $found;
    }

    /** @return list<string> ids; none where the book does not know such a thing */
    private function spot(Term $term, ?string $place): array
    {
        $spots = match ($term->kind) {
            'complaint' => array_map($this->make->complaint(...), $this->complaints($term, $place)),
            'damage' => array_map(fn (string $at): Spot => $this->make->damage($term->key, $at), $this->whereDamage($term->key, $place)),
            'state' => array_filter([$this->make->state($term->key, $place)]),
            default => array_filter([$this->make->origin($term->key, $place)]),
        };

        return array_values(array_map($this->known(...), $spots));
    }

    /** @return list<string> complaints that a term means; those that hang on a part, where it says @here */
    private function complaints(Term $term, ?string $place): array
    {
        $meant = [];
        foreach ($this->book->complaints as $key => $complaint) {
            $isOfPart = 'here' !== $term->relation || \in_array(CarrierPlaces::partOf((string) $place), $complaint->parts, true);
            if ($isOfPart && 1 === preg_match('/^('.str_replace('*', '.*', $term->key).')$/', $key)) {
                $meant[] = $key;
            }
        }

        return $meant;
    }

    /** The id of a spot, which is in the network from now on. */
    private function known(Spot $spot): string
    {
        $this->spots[$spot->id()] ??= $spot;

        return $spot->id();
    }

    /** @return list<string> */
    private function whereDamage(string $mode, ?string $place): array
    {
        return match (true) {
            null === $place => [],
            $this->isOfPart($mode) => [CarrierPlaces::partOf($place)],
            str_contains($place, '/') => [$place],
            default => $this->places->facesOf($place),
        };
    }

    /** Some damage is of a part as a whole, whichever face shows it. */
    private function isOfPart(string $mode): bool
    {
        return \in_array($mode, $this->vocabulary->ofPart, true);
    }

    /** @return array<string, Evidence> */
    private function evidence(Facts $facts): array
    {
        $seen = [];
        foreach ($facts->looks as $look) {
            if (null === $look->mode || 0 === $look->grade) {
                continue;
            }
            // The paste of ordinary wear says nothing of debris that cuts.
            if (['paste'] !== array_map(static fn (DebrisKind $kind): string => $kind->value, $look->made)) {
                $id = $this->sighted($look->mode, $look->part, $this->placesOf($look));
                // Running leaves marks, but it breaks nothing and turns nothing round: that is mistaken as seldom as a graver mark.
                $asGrave = min(4, $look->grade + (\in_array($look->mode, $this->vocabulary->notByRunning, true) ? 1 : 0));
                $byGrade = $this->vocabulary->weights->seenFalsely[$asGrave] ?? $this->vocabulary->weights->falselySeen;
                $background = $this->book->background($look->part, $look->surface, $look->mode, $look->grade);
                $falsely = max($byGrade, $this->vocabulary->weights->mistaken($look->sure), $background->share ?? 0.0);
                // Of two who looked at one thing the surer counts, whoever came last.
                if (!isset($seen[$id]) || $falsely <= $seen[$id]->ifFalse) {
                    $seen[$id] = new Evidence($id, $falsely, 1.0, \sprintf('seen, grade %d', $look->grade));
                }
            }
            $seen = $look->debris($this->spots, $this->vocabulary->weights) + $seen;
        }
        $clean = new CleanLooks($this->modes, $this->vocabulary->weights);
        $seen += $clean->evidence($facts->looks, $this->spots, $seen, $this->placesOf(...));
        foreach ($facts->complaints as $complaint) {
            $id = $this->known($this->make->complaint($complaint->key));
            $seen[$id] = new Evidence($id, $this->vocabulary->weights->complaint, 1.0, 'complained of');
        }
        $other = [
            ...OtherEvidence::evidence($facts, $this->spots, $this->vocabulary),
            ...Pieces::evidence($facts->looks, $this->book, $this->spots, $this->vocabulary->weights),
        ];
        foreach ($other as $evidence) {
            if (isset($this->spots[$evidence->spot])) {
                $seen[$evidence->spot] = $evidence->and($seen[$evidence->spot] ?? null);
            }
        }
        $seen = ReadingFact::evidence($facts->readings, $this->spots) + $seen;
        ksort($seen);

        return $seen;
    }

    /** @return array<string, int> */
    private function orders(Facts $facts): array
    {
        $orders = $facts->orders;
        foreach ($facts->looks as $look) {
            if (null !== $look->order && null !== $look->mode) {
                $orders[$this->sighted($look->mode, $look->part, $this->placesOf($look))] = $look->order;
            }
        }

        return $orders;
    }

    /** @return list<string> */
    private function placesOf(LookFact $look): array
    {
        return null === $look->surface ? $this->places->facesOf($look->part) : [$look->part.'/'.$look->surface];
    }

    /**
     * The condition that a damage was seen of; on a part as a whole it may be on any of its faces.
     *
     * @param list<string> $places
     */
    private function sighted(string $mode, string $part, array $places): string
    {
        $places = $this->isOfPart($mode) ? [$part] : $places;
        $known = array_values(array_filter($places, fn (string $place): bool => isset($this->spots[Spot::idOf('damage', $mode, $place)])));
        if (1 === \count($known)) {
            return Spot::idOf('damage', $mode, $known[0]);
        }
        $at = 1 === \count($places) && !$this->isOfPart($mode) ? $places[0] : $part;
        $id = $this->known($this->make->damage($mode, $at));
        foreach ($known as $place) {
            $tie = new Tie(Spot::idOf('damage', $mode, $place), $id, 'noticed-as', 0.999);
            $this->ties[$tie->key()] = $tie;
        }

        return $id;
    }
}
