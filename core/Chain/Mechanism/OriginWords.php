<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

use Japhrex\Core\Chain\OriginKind;

/** An origin that the engine knows. */
final readonly class OriginWords
{
    /**
     * @param string $told as a customer is told, `{part}` for its part
     * @param string $spread `unit`, one for the whole, or `part`
     * @param float $prior chance of it before anything is seen
     * @param list<string> $media in which alone it can be, `nothing` for a unit that runs dry; none: in any
     * @param list<array{Where, float}> $more parts that are so many times likelier than others
     * @param bool $atOnce does it show at the first turn?
     * @param bool $takesTime does it harm by and by, so that hands that were in the unit lately do not make it likelier?
     */
    public function __construct(
        public string $name,
        public string $told,
        public string $spread,
        public OriginKind $kind,
        public float $prior,
        public array $more,
        public array $media = [],
        public bool $atOnce = false,
        public bool $takesTime = false,
    ) {
    }

    /** @param string $medium of the unit; empty: it runs dry */
    public function canBeIn(string $medium): bool
    {
        return [] === $this->media || \in_array('' === $medium ? 'nothing' : $medium, $this->media, true);
    }
}
