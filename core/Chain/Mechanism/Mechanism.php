<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

use Japhrex\Core\Family\CarrierKind;

/** How one condition brings about the next: general, written once, grounded on the map of each book. */
final readonly class Mechanism
{
    /**
     * @param list<CarrierKind> $by along which carriers; none: at the same place
     * @param string $tells what it looks like when it came this way
     * @param string $needs what has to be so
     * @param string $source where the claim is from, in a line
     * @param list<Rule> $rules none: the analyst's alone
     * @param bool $onceSeen does it hold only where its cause was seen?
     * @param bool $whereSeen does it hold only where its effect was seen?
     */
    public function __construct(
        public string $key,
        public string $name,
        public array $by,
        public string $tells,
        public string $needs,
        public string $source,
        public array $rules,
        public bool $onceSeen = false,
        public bool $whereSeen = false,
    ) {
    }

    /** The same with those of its rules alone that hold in a unit of this medium. */
    public function in(string $medium, Vocabulary $vocabulary): self
    {
        $rules = array_filter($this->rules, static fn (Rule $rule): bool => $rule->holdsIn($medium, $vocabulary));

        return new self(
            $this->key, $this->name, $this->by, $this->tells, $this->needs, $this->source, array_values($rules), $this->onceSeen,
            $this->whereSeen,
        );
    }
}
