<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Figure\Fill\Fill;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\PlaceSize;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** Something to measure on a part, with its limits and where they come from. */
final readonly class Field
{
    /**
     * @param list<LimitSet> $sets none: the verdict stays open, and `whyNoLimit` says why
     * @param list<string> $places where to measure
     * @param PlaceKind|null $placesAre what the places are to each other; null: the book does not say, and they count as positions
     * @param Fill|null $from the figure that works it out from other readings
     * @param FormKind|null $form what shape the readings at its places make
     * @param Quantity|null $formLength for a form along a length: from the first place to the last
     * @param Quantity|null $formMost the largest spread over the places that is allowed: roundness, flatness or range
     * @param list<string> $sharedWith readings (`part/field`) of partners for which the same limit holds
     * @param bool $hardStop past its limit the part does not go back in, whatever the reason
     * @param Taken|null $taken where on the part; null: elsewhere, as a flow or the turns of a screw
     * @param Limits|null $rebuild what is allowed in a rebuild; null: the same as in service
     * @param Measures|null $measures null: a size, a pressure, a flow or a temperature, as its dimension says
     * @param bool $adjuster a setting, taken as found before it is touched (strip) and as left
     */
    public function __construct(
        public string $key,
        public string $name,
        public Dimension $dimension,
        public Method $method,
        public array $sets,
        public string $whyNoLimit,
        public array $places,
        public string $gauge,
        public string $how,
        public ?Fill $from = null,
        public ?FormKind $form = null,
        public ?Quantity $formLength = null,
        public bool $adjuster = false,
        public ?Limits $rebuild = null,
        public ?PlaceKind $placesAre = null,
        public ?Quantity $formMost = null,
        public bool $hardStop = false,
        public array $sharedWith = [],
        public ?Taken $taken = null,
        public ?Measures $measures = null,
    ) {
    }

    /** The same field with the limits of one more source. */
    public function with(LimitSet $set): self
    {
        return new self(
            $this->key, $this->name, $this->dimension, $this->method, [...$this->sets, $set], $this->whyNoLimit,
            $this->places, $this->gauge, $this->how, $this->from, $this->form, $this->formLength, $this->adjuster,
            $this->rebuild, $this->placesAre, $this->formMost, $this->hardStop, $this->sharedWith,
            $this->taken, $this->measures,
        );
    }

    /**
     * Does its size grow with wear? By the limit that is there, or the one farther from the size when new; null: it cannot be told.
     */
    public function wearsLarger(string $duty = ''): ?bool
    {
        $limits = $this->limits($duty);

        return match (true) {
            null === $limits => null,
            null === $limits->min => true,
            null === $limits->max => false,
            null === $limits->new => null,
            default => $limits->max->si - $limits->new->si >= $limits->new->si - $limits->min->si,
        };
    }

    /** @return list<string> readings (`part/field`) of two parts or more from which it is worked out, where it is a gap between them */
    public function between(): array
    {
        $sizes = array_values(array_filter($this->from?->references() ?? [], static fn (string $one): bool => str_contains($one, '/')));
        $parts = array_unique(array_map(static fn (string $one): string => explode('/', $one)[0], $sizes));

        return \count($parts) < 2 ? [] : $sizes;
    }

    /** Is it read during the strip, rather than only worked out, or set when rebuilt? */
    public function isTyped(): bool
    {
        return !$this->adjuster && (null === $this->from || '' !== $this->gauge);
    }

    /** @return list<string> places that are sizes of their own; none where one spot is read, once or again */
    public function positions(): array
    {
        return PlaceKind::Repeats === $this->placesAre ? [] : $this->places;
    }

    /** Under which name a reading's place counts: empty where there is one spot only. */
    public function placeOf(string $told): string
    {
        return match (true) {
            [] === $this->positions() => '',
            \in_array($told, $this->places, true) => $told,
            default => PlaceSize::NOT_TOLD,
        };
    }

    /** What the spread over the places is called. */
    public function spreadName(): string
    {
        return match ($this->form) {
            FormKind::Section => 'roundness', FormKind::Face => 'flatness', default => 'range',
        };
    }

    /**
     * The limits that concern a duty: its own, or where it has none those for every duty.
     *
     * @return list<LimitSet>
     */
    public function setsFor(string $duty): array
    {
        $of = fn (string $duty): array => array_values(array_filter($this->sets, static fn (LimitSet $set): bool => $set->duty === $duty));
        $own = '' === $duty ? [] : $of($duty);

        return [] === $own ? $of('') : $own;
    }

    /**
     * The limits that count: those of the source that was chosen, else the tighter of all. Null: none known. A size when
     * new that they forbid is asked about and not used.
     */
    public function limits(string $duty = '', string $chosen = ''): ?Limits
    {
        $limits = $this->tightest($duty, $chosen);

        return true === $limits?->contradictNew() ? $limits->withoutNew() : $limits;
    }

    /** The size when new that another source's limit forbids, so that one of the two is wrong; null: there is none. */
    public function doubtfulNew(string $duty = '', string $chosen = ''): ?Quantity
    {
        $limits = $this->tightest($duty, $chosen);

        return true === $limits?->contradictNew() ? $limits->new : null;
    }

    private function tightest(string $duty, string $chosen): ?Limits
    {
        $sets = $this->setsFor($duty);
        foreach ($sets as $set) {
            if ($set->key === $chosen) {
                return $set->limits;
            }
        }
        $limits = array_shift($sets)?->limits;
        foreach ($sets as $set) {
            $limits = $limits?->and($set->limits);
        }

        return $limits;
    }

    /** Do the sources disagree on the limits of a duty? */
    public function isDisputed(string $duty = ''): bool
    {
        $sets = $this->setsFor($duty);

        return [] !== array_filter($sets, static fn (LimitSet $set): bool => !$set->limits->sameAs($sets[0]->limits));
    }
}
