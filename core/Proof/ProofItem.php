<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

use Japhrex\Core\Family\ProofPhase;

/** One thing that is shown before the unit goes out. */
final readonly class ProofItem
{
    /**
     * @param string $expect what is to be seen
     * @param int $minutes that it lasts, with a clock; 0: it is seen at once
     * @param bool $complaint does it repeat the conditions of the complaint?
     * @param list<\Japhrex\Core\Family\ProofRead> $reads what is read in it, with its limits
     * @param ProofPhase $phase when it is shown
     * @param string $proves what is known when it is passed
     * @param list<string> $miss what a miss points to, as the book says; empty: it is told by its words
     * @param string $stops what stops it at once
     * @param bool $guard does it put a guard back?
     * @param string $stage of a unit of several, that it proves; empty: all of it
     */
    public function __construct(
        public string $key,
        public string $title,
        public string $expect,
        public string $caution = '',
        public int $minutes = 0,
        public bool $complaint = false,
        public array $reads = [],
        public ProofPhase $phase = ProofPhase::Low,
        public string $proves = '',
        public array $miss = [],
        public string $stops = '',
        public bool $guard = false,
        public string $stage = '',
    ) {
    }

    /** Does it make the unit ready to run: filled, turned by hand, the right way round, coupled and guarded? */
    public function makesReady(): bool
    {
        return $this->phase->rank() < ProofPhase::Low->rank();
    }

    /**
     * Where a miss points to, by what was tried. The parts to look at are in the chain and in the build sheet.
     *
     * @return list<string>
     */
    public function missPointsTo(): array
    {
        if ([] !== $this->miss) {
            return $this->miss;
        }
        $words = mb_strtolower($this->title.' '.$this->expect);
        $says = [];
        foreach ([
            'direction|bump|arrow' => 'A part indexed for the other direction, or the drive: stop at once, a second in the wrong '
                .'direction is enough.',
            'turn(s|ed)? .*hand|by hand|evenly|no rub|no touch' => 'Binding before the fasteners is dirt, binding after them '
                .'position: back to the build sheet.',
            'prime|draws|suction' => 'Air at the suction: ring, hose, level; a dry streak over a joint.',
            'flow|delivery|displacement' => 'Leakage inside: side and tip clearances, faces, a valve that does not close; '
                .'compare with what the clearances '
                    .'of the build let expect. Good cold and short when hot is leakage.',
            'pressure' => 'A valve that does not close, or a clearance; first the gauge and its port.',
            'drain|leak|dry|drop|seal|weep' => 'A lip over an edge, a ring out of its groove, pressure where none belongs: case '
                .'drain first, then the seal.',
            'power|cut-off|relief|governor|ratio' => 'The setting, before the parts: adjusters as found and as left are on the '
                .'build sheet.',
            'noise|whine|rattle|knock|quiet|foam' => 'Air, or a part out of line: foam in the glass tells the one from the other.',
            'hot|warm|°c|cool' => 'A clearance too tight, a gland too far in, or a relief that stays open.',
        ] as $pattern => $hint) {
            if (1 === preg_match('/'.$pattern.'/u', $words)) {
                $says[] = $hint;
            }
        }

        return [] === $says ? ['Back to the chain: what would bring this about again?'] : \array_slice($says, 0, 3);
    }

    /** Its title, with the stage that it belongs to where the title does not name it. */
    public function named(): string
    {
        return '' === $this->stage || str_starts_with($this->title, $this->stage) ? $this->title : $this->stage.': '.lcfirst($this->title);
    }
}
