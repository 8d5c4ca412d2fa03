<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A part that is looked at. */
final readonly class Part
{
    /** What runs on its races, in its mesh, on its shaft or in its bore, whether a book names the mate or not. */
    private const RUNS_IN_ITSELF = [
        PartKind::Bearing, PartKind::Joint, PartKind::OneWay, PartKind::Bush, PartKind::Gear, PartKind::Valve, PartKind::Relief,
        PartKind::Piston,
    ];

    /** A spring of a valve, and the coil that moves it, are not what slides. */
    private const STANDS = [PartKind::Spring, PartKind::Solenoid];

    /**
     * @param list<string> $also other names people use
     * @param array<string, Surface> $surfaces
     * @param array<string, Field> $fields
     * @param list<string> $senses values of Sense: what no picture shows
     * @param string $look what to look at first
     * @param list<FigureUse> $figures worth asking here
     * @param list<Debris> $debris what it does with debris
     * @param list<Acceptance> $accepts damage that is judged by duty
     * @param list<PartKind> $kinds what it is and does; none: the book does not say
     * @param Variant|null $for which units have it; null: all of them
     * @param bool $isNeighbour is it of the machine, not of the unit? It is looked at, and never on the strip run
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $short,
        public array $also,
        public string $material,
        public int $count,
        public Reuse $reuse,
        public string $reuseWhy,
        public ?Facing $facing,
        public array $surfaces,
        public array $fields,
        public array $senses,
        public string $look,
        public array $figures = [],
        public array $debris = [],
        public Cleaning $cleaning = Cleaning::TakeApart,
        public array $accepts = [],
        public array $kinds = [],
        public bool $isNeighbour = false,
        public ?Variant $for = null,
    ) {
    }

    /** The same part by another name. */
    public function called(string $word): self
    {
        $also = array_values(array_diff(array_unique([$this->name, ...$this->also]), [$word]));

        return new self(
            $this->key, $word, $word, $also, $this->material, $this->count, $this->reuse, $this->reuseWhy,
            $this->facing, $this->surfaces, $this->fields, $this->senses, $this->look, $this->figures,
            $this->debris, $this->cleaning, $this->accepts, $this->kinds, $this->isNeighbour, $this->for,
        );
    }

    public function does(Debris $what): bool
    {
        return \in_array($what, $this->debris, true);
    }

    /** Does it run or slide of itself? So does a pump together with the housing that its gears run in. */
    public function runsInItself(): bool
    {
        $is = fn (PartKind $kind): bool => \in_array($kind, $this->kinds, true);
        $runs = [] !== array_filter(self::RUNS_IN_ITSELF, $is) && [] === array_filter(self::STANDS, $is);

        return $runs || ($is(PartKind::Pump) && $is(PartKind::Body));
    }

    /** Is it a stack, of which order, colour and thickness tell how the last one built it? */
    public function mayStack(): bool
    {
        $stacks = [
            PartKind::Pack, PartKind::Shim, PartKind::Spring, PartKind::ApplySpring, PartKind::Thrust, PartKind::Accumulator,
        ];

        return [] !== array_filter($this->kinds, static fn (PartKind $one): bool => \in_array($one, $stacks, true));
    }

    /** Does what is allowed here hang on what the stage has to do? */
    public function hangsOnDuty(): bool
    {
        foreach ($this->accepts as $one) {
            if ('' !== $one->duty) {
                return true;
            }
        }
        foreach ($this->fields as $field) {
            foreach ($field->sets as $set) {
                if ('' !== $set->duty) {
                    return true;
                }
            }
        }

        return false;
    }

    public function surfaceName(?string $key): string
    {
        return null === $key ? '' : $this->surfaces[$key]->name ?? $key;
    }
}
