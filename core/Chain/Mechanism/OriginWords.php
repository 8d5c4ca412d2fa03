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
     * @param list<array{Where, float}> $more parts that are so many times likelier than others
     */
    public function __construct(
        public string $name,
        public string $told,
        public string $spread,
        public OriginKind $kind,
        public float $prior,
        public array $more,
    ) {
    }
}
