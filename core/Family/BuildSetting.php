<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Something that is set when the unit goes together: a clearance, a shim, a torque and its order. */
final readonly class BuildSetting
{
    /**
     * @param string $key by which it is kept; a book that gives none keeps it by its place in the list
     * @param string $after the step whose parts are in when it is set; empty: at the end
     * @param string $reads the reading (`part/field`) that is taken with it, so that the stand can be compared with it; empty: none
     * @param bool $two do two people sign it?
     * @param bool $tab is what is tightened locked by a tab?
     * @param string $before the step before whose parts go in it is done; empty: it is done after, or at the end
     * @param bool $tightened is it read when what is tightened after the same step is tight?
     * @param bool $still does what it tightens hold nothing that turns?
     * @param Threads|null $threads for which a torque is told; null: it is none, or the book does not say
     * @param list<string> $again steps that can move it: it is read again after each
     * @param string $fastens the fasteners that a torque tightens, by their key; empty: none of the book's
     * @param string $stage of a unit of several, to which it belongs; empty: to all of it
     * @param string $figure that is worked out beside it; empty: none
     * @param Variant|null $for which units; null: all of them
     */
    public function __construct(
        public string $key,
        public string $what,
        public string $value,
        public string $how,
        public bool $sample,
        public string $after = '',
        public string $reads = '',
        public bool $two = false,
        public bool $tab = false,
        public string $before = '',
        public bool $tightened = false,
        public ?Threads $threads = null,
        public bool $still = false,
        public array $again = [],
        public string $fastens = '',
        public string $stage = '',
        public string $figure = '',
        public ?Variant $for = null,
    ) {
    }

    /** Is it tightened to a torque, and not a play or a pressure? */
    public function isTorque(): bool
    {
        return 1 === preg_match('/\d\s*N·m/u', $this->value) && !str_contains($this->value, 'backed off');
    }
}
