<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A small thing that is done in the build, gets forgotten, and is signed for itself. */
final readonly class BuildAct
{
    /**
     * @param string $after the step whose parts are in when it is done; empty: before, or at the end
     * @param string $before the step before whose parts go in it is done
     * @param string $how it is done, and seen
     * @param string $leftOut what happens if it is left out
     * @param array<int, Laid> $laid what lies where, where several small parts look alike, by the place in the book's list
     * @param string $figure that is worked out beside it; empty: none
     * @param Variant|null $for which units; null: all of them
     */
    public function __construct(
        public string $key,
        public ActKind $kind,
        public string $what,
        public string $how,
        public string $leftOut,
        public string $after = '',
        public string $before = '',
        public string $caution = '',
        public bool $two = false,
        public array $laid = [],
        public string $stage = '',
        public string $figure = '',
        public ?Variant $for = null,
    ) {
    }

    /** The same with what lies in this unit alone; a row for some units only is left where the unit does not decide it. */
    public function of(UnitIs $unit): self
    {
        $laid = [];
        foreach ($this->laid as $at => $one) {
            if (false !== $one->for?->isFor($unit)) {
                $laid[$at] = new Laid($one->place, $one->what, $one->told, Variant::open($one->for, $unit));
            }
        }

        return new self(
            $this->key, $this->kind, $this->what, $this->how, $this->leftOut, $this->after, $this->before, $this->caution, $this->two,
            $laid, $this->stage, $this->figure, $this->for,
        );
    }
}
