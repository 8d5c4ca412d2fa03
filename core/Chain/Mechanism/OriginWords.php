<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\PartKind;
use Japhrex\Core\Family\SurfaceKind;

/** An origin that the engine knows. */
final readonly class OriginWords
{
    /**
     * @param string $told as a customer is told, `{part}` for its part
     * @param string $spread `unit`, one for the whole, or `part`
     * @param float $prior chance of it before anything is seen
     * @param list<string> $media in which alone it can be, `nothing` for a unit that runs dry; none: in any
     * @param list<PartKind|SurfaceKind> $orWith kinds of part or face by which it can be in any, and then works there alone: a greased
     *                                           joint, the oil of the bearings
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
        public array $orWith = [],
    ) {
    }

    /** @param string $medium of the unit; empty: it runs dry */
    public function isOf(string $medium): bool
    {
        return [] === $this->media || \in_array('' === $medium ? 'nothing' : $medium, $this->media, true);
    }

    public function canBeIn(Book $book): bool
    {
        return $this->isOf($book->medium)
            || [] !== array_filter($this->orWith, static fn (PartKind|SurfaceKind $kind): bool => $book->has($kind));
    }
}
