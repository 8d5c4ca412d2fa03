<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** One step of taking a unit apart. */
final readonly class StripStep
{
    /**
     * @param list<string> $needs steps that come before
     * @param list<string> $removes parts that leave the unit
     * @param list<string> $look what to look at before it comes off
     * @param list<string> $hides what hides here and holds it when it is stuck
     * @param list<string> $stuck what to do when it is stuck
     * @param list<string> $facing parts whose facing is recorded before they are lifted
     * @param list<Count> $counts small parts and fasteners
     * @param int $minutes typical time; 0: not told
     * @param list<string> $falls small parts that fall out unseen
     * @param list<string> $adjusters readings (`part/field`) of settings to take as found before they are touched
     * @param list<string> $photos what to photograph before it comes off
     * @param string $opens the sub-assembly that is taken apart here, off the unit; it may stay shut until later
     * @param string $lookAt the part that the looks are at, where they are at one; empty: of none
     * @param list<Lift> $lifts what is heavy, or hangs in a way of its own
     * @param Variant|null $for which units have it; null: all of them
     * @param string $hold how the unit, or a part, is held while it is loosened, and by what never
     * @param string $burrs what is dressed before something is drawn over it
     * @param list<string> $press what is pressed out: towards which side, supported where
     * @param string $stop who stops here and brings it to a shop: what goes wrong for those without the tool or the training
     * @param bool $two do two people sign when it goes in again?
     */
    public function __construct(
        public string $key,
        public string $title,
        public array $needs,
        public array $removes,
        public string $tool,
        public string $caution,
        public array $look,
        public string $mark,
        public array $hides,
        public array $stuck,
        public array $facing,
        public array $counts,
        public bool $fasteners,
        public array $photos,
        public array $adjusters = [],
        public int $minutes = 0,
        public array $falls = [],
        public string $opens = '',
        public bool $two = false,
        public string $lookAt = '',
        public array $lifts = [],
        public ?Variant $for = null,
        public string $hold = '',
        public string $burrs = '',
        public array $press = [],
        public string $stop = '',
    ) {
    }
}
