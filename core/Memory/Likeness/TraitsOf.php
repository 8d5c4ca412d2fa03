<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Likeness;

use Japhrex\Core\Family\Book;

/**
 * Gathers the traits of a case. A find counts at its part and, less, by what kind of part it is on and by its mode alone, so that pumps of
 * another family are met, too; its grade is its weight. The weights are a guess of the bench, set before they were tried on a story.
 */
final class TraitsOf
{
    private const COMPLAINT = 1.0;
    private const CONDITION = 0.4;
    private const AT_PART = 1.0;
    private const ON_SURFACE = 0.5;
    private const ON_KIND = 0.6;
    private const OF_MODE = 0.3;
    private const LOOKED_CLEAN = 0.3;
    private const DEBRIS = 1.0;
    private const READING = 1.0;
    private const CIRCUMSTANCE = 0.4;

    /** @var array<string, float> */
    private array $weights = [];

    public function __construct(private readonly Book $book)
    {
    }

    /** @param list<string> $conditions under which it shows */
    public function complaint(string $what, array $conditions): void
    {
        $this->add('complaint:'.$what, self::COMPLAINT);
        foreach ($conditions as $one) {
            $this->add('complaint:'.$what.':'.$one, self::CONDITION);
        }
    }

    /**
     * @param string|null $mode null: looked at and nothing found
     * @param list<string> $made of debris: what it is made of
     */
    public function find(string $part, ?string $surface, ?string $mode, int $grade, array $made = []): void
    {
        if (null === $mode) {
            $this->add(Traits::CLEAN.$part, self::LOOKED_CLEAN);

            return;
        }
        $bad = max(1, $grade) / 4;
        $this->add(Traits::FIND.$part.':'.$mode, self::AT_PART * $bad);
        $this->add('mode:'.$mode, self::OF_MODE * $bad);
        if (null !== $surface) {
            $this->add('surface:'.$part.'/'.$surface.':'.$mode, self::ON_SURFACE * $bad);
        }
        foreach ($this->book->parts[$part]->kinds ?? [] as $kind) {
            $this->add('kind:'.$kind->value.':'.$mode, self::ON_KIND * $bad);
        }
        foreach ($made as $one) {
            $this->add('debris:'.$one, self::DEBRIS * $bad);
        }
    }

    /** A reading that is past its limit. */
    public function outside(string $part, string $field): void
    {
        $this->add('reading:'.$part.'/'.$field, self::READING);
    }

    /** @param string $what as `comeback`, `water`, `outdoors` */
    public function circumstance(string $what): void
    {
        $this->add('told:'.$what, self::CIRCUMSTANCE);
    }

    /** How long it ran: alike where neither ran twice as long. */
    public function ran(?float $hours, string $since): void
    {
        if (null !== $hours && $hours > 0.0) {
            $this->add(\sprintf('ran:%s:%d', $since, (int) round(log($hours, 4))), self::CIRCUMSTANCE);
        }
    }

    public function traits(): Traits
    {
        // A part that is clean here and hurt there is not a clean part.
        $hurt = [];
        foreach (array_keys($this->weights) as $trait) {
            if (1 === preg_match('/^find:([^:]+):/', (string) $trait, $m)) {
                $hurt[Traits::CLEAN.$m[1]] = true;
            }
        }

        return new Traits(array_diff_key($this->weights, $hurt));
    }

    private function add(string $trait, float $weight): void
    {
        $this->weights[$trait] = max($this->weights[$trait] ?? 0.0, $weight);
    }
}
