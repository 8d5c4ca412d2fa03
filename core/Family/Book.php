<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Family\Identity\Identity;

/** What one family of unit is made of, how it comes apart, and how harm travels in it. */
final readonly class Book
{
    public const OIL = 'oil';

    /** Media in which water is a find of its own. */
    public const MAY_HOLD_WATER = [self::OIL, 'fuel'];

    public Shapes $drawn;

    /**
     * @param list<Model> $models
     * @param list<string> $cautions before anything is touched
     * @param array<string, Part> $parts
     * @param list<Pair> $pairs
     * @param list<Carrier> $carriers
     * @param array<string, StripStep> $strip in the usual order
     * @param array<string, Complaint> $complaints
     * @param list<Pattern> $patterns
     * @param array<string, Duty> $duties where acceptance depends on what the unit or stage has to do
     * @param array<string, Watch> $watch known weak places
     * @param list<string> $sisters other types that share them, in words
     * @param list<Content> $contents what must be in which model
     * @param array<mixed> $mechanisms of this family alone, or in the place of general ones, as the file has them
     * @param LeakModel|null $leaks none: the complaint check is not offered
     * @param array<string, string> $without general mechanism that has no place in it => why
     * @param list<Background> $backgrounds damage that nearly every unit shows
     * @param Identity $identity by what its units are told apart
     * @param BenchNeeds $bench what lies ready before the first part comes off
     * @param string $medium what is in it and lubricates it: oil, fuel, water; empty: nothing, it runs dry
     */
    public function __construct(
        public string $key,
        public string $title,
        public string $about,
        public array $models,
        public array $cautions,
        public array $parts,
        public array $pairs,
        public array $carriers,
        public array $strip,
        public array $complaints,
        public array $patterns,
        public array $duties = [],
        public ?LeakModel $leaks = null,
        public array $watch = [],
        public array $sisters = [],
        public array $contents = [],
        public Upkeep $upkeep = new Upkeep(),
        public array $mechanisms = [],
        public string $medium = self::OIL,
        public array $without = [],
        public Identity $identity = new Identity(),
        public BenchNeeds $bench = new BenchNeeds(),
        public array $backgrounds = [],
        ?Shapes $drawn = null,
    ) {
        $this->drawn = $drawn ?? Shapes::none();
    }

    /**
     * The same book with parts called as a shop calls them; the book's own name stays among the others.
     *
     * @param array<string, string> $words part => word
     */
    public function inWords(array $words): self
    {
        $parts = $this->parts;
        foreach (array_intersect_key($words, $parts) as $key => $word) {
            $parts[$key] = $parts[$key]->called($word);
        }

        return [] === $words ? $this : new self(
            $this->key, $this->title, $this->about, $this->models, $this->cautions, $parts, $this->pairs,
            $this->carriers, $this->strip, $this->complaints, $this->patterns, $this->duties, $this->leaks,
            $this->watch, $this->sisters, $this->contents, $this->upkeep, $this->mechanisms, $this->medium, $this->without,
            $this->identity, $this->bench, $this->backgrounds, $this->drawn,
        );
    }

    /** @param string $name maker and model as somebody writes them */
    public function model(string $name): ?Model
    {
        foreach ($this->models as $model) {
            if ($model->isCalled($name)) {
                return $model;
            }
        }

        return null;
    }

    /** Is there a part of this kind, or a face? */
    public function has(PartKind|SurfaceKind $kind): bool
    {
        foreach ($this->parts as $part) {
            if (\in_array($kind, [...$part->kinds, ...array_column($part->surfaces, 'kind')], true)) {
                return true;
            }
        }

        return false;
    }

    public function part(string $key): ?Part
    {
        return $this->parts[$key] ?? null;
    }

    /**
     * The parts in the order in which they leave the unit; those that no step names come last.
     *
     * @return list<Part>
     */
    public function partsInStripOrder(): array
    {
        $order = [];
        foreach ($this->strip as $step) {
            foreach ($step->removes as $key) {
                if (isset($this->parts[$key])) {
                    $order[$key] = $this->parts[$key];
                }
            }
        }

        return array_values($order + array_filter($this->parts, static fn (Part $part): bool => !$part->isNeighbour));
    }

    /** @return list<Part> the parts in strip order, and what stands beside the unit */
    public function partsAndNeighbours(): array
    {
        return [
            ...$this->partsInStripOrder(),
            ...array_values(array_filter($this->parts, static fn (Part $part): bool => $part->isNeighbour)),
        ];
    }

    /** @return list<Pair> that a part belongs to */
    public function pairsOf(string $part): array
    {
        return array_values(array_filter($this->pairs, static fn (Pair $pair): bool => \in_array($part, $pair->parts, true)));
    }

    /** Is that what nearly every unit of the type shows? null: no. */
    public function background(string $part, ?string $surface, ?string $mode, int $grade): ?Background
    {
        foreach ($this->backgrounds as $one) {
            if ($one->isOf($part, $surface, $mode, $grade)) {
                return $one;
            }
        }

        return null;
    }

    /** A reading by `part/field`. */
    public function field(string $reference): ?Field
    {
        [$part, $field] = explode('/', $reference, 2) + [1 => ''];

        return $this->parts[$part]->fields[$field] ?? null;
    }

    /** What a reading is called, with its part. */
    public function fieldName(string $reference): string
    {
        $field = $this->field($reference);

        return null === $field ? $reference : $this->parts[explode('/', $reference)[0]]->name.', '.lcfirst($field->name);
    }

    /** Name of a place (`part` or `part/surface`) for a reader. */
    public function placeName(string $place): string
    {
        [$part, $surface] = explode('/', $place, 2) + [1 => null];
        if (!isset($this->parts[$part])) {
            return $place;
        }

        return null === $surface
            ? $this->parts[$part]->name
            : $this->parts[$part]->name.', '.lcfirst($this->parts[$part]->surfaceName($surface));
    }

    /** Does the place exist? */
    public function hasPlace(string $place): bool
    {
        [$part, $surface] = explode('/', $place, 2) + [1 => null];

        return isset($this->parts[$part]) && (null === $surface || isset($this->parts[$part]->surfaces[$surface]));
    }

    /**
     * Parts whose name, other name or key holds the words.
     *
     * @return list<Part>
     */
    public function find(string $words): array
    {
        $needle = mb_strtolower(trim($words));

        return array_values(array_filter($this->parts, static function (Part $part) use ($needle): bool {
            foreach ([$part->key, $part->name, ...$part->also] as $name) {
                if (str_contains(mb_strtolower($name), $needle)) {
                    return true;
                }
            }

            return false;
        }));
    }
}
