<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

use Japhrex\Core\Family\BuildAct;
use Japhrex\Core\Family\Count;
use Japhrex\Core\Family\FacingSet;
use Japhrex\Core\Family\Fasteners;
use Japhrex\Core\Family\Laid;
use Japhrex\Core\Family\Variant;
use Japhrex\Core\Measuring\Window;

/** A step of the build. */
final readonly class BuildStep
{
    /**
     * @param string $value the target as the book writes it
     * @param list<string> $parts that go in
     * @param list<FacingAsked> $facings
     * @param list<string> $mates which parts stay together, in words
     * @param list<Count> $counts that have to be in
     * @param Window|null $window of a play, in metres
     * @param int|null $fasteners how many are tightened; null: the book does not say
     * @param int $rounds in which they are tightened
     * @param string $catch what it means when it catches
     * @param bool $two do two people sign it?
     * @param bool $tab is it locked by a tab, which lines up somewhere in the band?
     * @param bool $still does what it tightens hold nothing that turns?
     * @param array<string, string> $care what is wetted with what and what stays dry, by label
     * @param string $reads the reading (`part/field`) that a play is; empty: none of the book's
     * @param BuildAct|null $act that is signed for itself
     * @param FacingSet|null $set of which one says how it stands
     * @param Fasteners|null $screws that are tightened, with their places
     * @param BindState $bind when it is turned by hand
     * @param string $stage of a unit of several; empty: all of it
     * @param string $figure that is worked out beside it; empty: none
     * @param list<string> $lifts what is heavy, and how it hangs
     * @param Variant|null $for which units it is, where nobody has said whether for this one; null: it is for this one
     */
    public function __construct(
        public string $key,
        public BuildKind $kind,
        public string $title,
        public string $value = '',
        public string $how = '',
        public array $parts = [],
        public array $facings = [],
        public array $mates = [],
        public array $counts = [],
        public ?Window $window = null,
        public ?int $fasteners = null,
        public int $rounds = 1,
        public string $catch = '',
        public string $caution = '',
        public bool $two = false,
        public string $reads = '',
        public bool $tab = false,
        public array $care = [],
        public bool $still = false,
        public ?BuildAct $act = null,
        public ?FacingSet $set = null,
        public ?Fasteners $screws = null,
        public BindState $bind = BindState::Loose,
        public string $stage = '',
        public string $figure = '',
        public ?Variant $for = null,
        public array $lifts = [],
    ) {
    }

    /**
     * Between which torques it is tight. One value has the tolerance of a wrench; a band is the band that the book writes.
     *
     * @param float $wrench share that a wrench may be off
     *
     * @return array{float, float} N·m
     */
    public function torqueBand(float $wrench): array
    {
        if (1 === preg_match('/([\d.]+)\s*(?:N·m)?\s*to\s*([\d.]+)\s*N·m/u', $this->value, $m)) {
            return [(float) $m[1], (float) $m[2]];
        }
        preg_match('/([\d.]+)\s*N·m/u', $this->value, $m);

        return [(float) ($m[1] ?? 0) * (1 - $wrench), (float) ($m[1] ?? 0) * (1 + $wrench)];
    }

    /**
     * @param bool $onPurpose does something stand otherwise than the book says, on purpose?
     *
     * @throws BuildError if two people sign it, and the second is missing or the same
     */
    public function signedBy(string $who, string $with, bool $onPurpose = false): void
    {
        if (($this->two || $onPurpose) && ('' === $with || mb_strtolower($with) === mb_strtolower($who))) {
            throw BuildError::secondPerson();
        }
    }

    /** Is it, or a row of it, for some units only, and nobody has said whether for this one? */
    public function isUnsure(): bool
    {
        return null !== $this->for || [] !== array_filter($this->act->laid ?? [], static fn (Laid $one): bool => null !== $one->for);
    }

    /** Is a picture of it kept? Where something can go in the wrong way, or beside the wrong mate, it is. */
    public function asksForAPhoto(): bool
    {
        return [] !== $this->facings || [] !== $this->mates;
    }

    /** Its title, with the stage that it belongs to where the title does not name it. */
    public function named(): string
    {
        return '' === $this->stage || str_starts_with($this->title, $this->stage) ? $this->title : $this->stage.': '.lcfirst($this->title);
    }
}
