<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Vocabulary;

/** Something that was told of the unit, or seen of its fluid, or said not to be so. */
final readonly class ToldFact
{
    /** @param string $key of the history, of the fluid or of what was tried, as the vocabulary has it */
    public function __construct(public string $key, public bool $is = true)
    {
    }

    /**
     * @return list<Evidence> several may speak of one condition
     */
    public function evidence(Vocabulary $vocabulary): array
    {
        $words = $vocabulary->meaning($this->key);
        $evidence = [];
        foreach ($words->speaks ?? [] as [$spot, $ifFalse, $ifTrue]) {
            $evidence[] = $this->is
                ? new Evidence($spot, $ifFalse, $ifTrue, lcfirst($words->name ?? ''))
                : new Evidence($spot, 1.0 - $ifFalse, 1.0 - $ifTrue, 'not: '.lcfirst($words->name ?? ''));
        }

        return $evidence;
    }
}
