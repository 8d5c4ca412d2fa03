<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Vocabulary;
use Japhrex\Core\Chain\Mechanism\Weights;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\FoundBy;
use Japhrex\Core\Damage\PieceShape;
use Japhrex\Core\Damage\Sureness;

/** What a look at a part found, or found not to be there. */
final readonly class LookFact
{
    /** What is wrong with one of several alike and not with the others. */
    private const ITS_OWN = ['defect', 'misfitted', 'damaged-when-fitted', 'fastener-loose'];

    /**
     * @param ?string $surface null: the whole part
     * @param ?string $mode null, or grade 0: looked, not there
     * @param ?int $order happened as number, 1 is first
     * @param list<DebrisKind> $made what debris is of; empty: not told
     * @param bool $swept looked over with many others in one act, by eye
     * @param string $for of a look that found nothing: the kind of damage that was looked for; empty: any
     * @param FoundBy $how of such a look: what it was done with
     * @param string $side where the damage lies, or how a break looks: a key of the vocabulary's `lies`; other words say nothing
     * @param string $twin of several alike: `all`, or which one; empty: not told
     * @param PieceShape|null $shape of debris: that of a piece in it
     * @param Sureness $sure how sure they were who looked
     */
    public function __construct(
        public string $part,
        public ?string $surface,
        public ?string $mode,
        public int $grade,
        public ?int $order = null,
        public array $made = [],
        public bool $swept = false,
        public string $for = '',
        public FoundBy $how = FoundBy::Eye,
        public string $side = '',
        public string $twin = '',
        public ?PieceShape $shape = null,
        public Sureness $sure = Sureness::Sure,
    ) {
    }

    /**
     * Where the damage lies, how a break looks, and that one of several alike is hurt while the others are sound.
     *
     * @param array<string, Spot> $spots
     *
     * @return list<Evidence>
     */
    public function lies(array $spots, Vocabulary $vocabulary): array
    {
        $evidence = [];
        if (null === $this->mode || 0 === $this->grade) {
            return [];
        }
        $words = $vocabulary->lies[$this->side] ?? null;
        foreach (null !== $words && \in_array($this->mode, $words->with, true) ? $words->speaks : [] as [$spot, $ifFalse, $ifTrue]) {
            $evidence[] = new Evidence(str_replace('@here', '@'.$this->part, $spot), $ifFalse, $ifTrue, $words->name ?? '');
        }
        foreach ('' === $this->twin || 'all' === $this->twin ? [] : self::ITS_OWN as $origin) {
            $id = Spot::idOf('origin', $origin, $this->part);
            if (isset($spots[$id])) {
                $evidence[] = new Evidence($id, $vocabulary->weights->oneOfTwins, 0.9, 'its twins are sound');
            }
        }

        return $evidence;
    }

    /**
     * What debris is made of speaks for the parts that it left, and what is not in it for those that it did not.
     *
     * @param array<string, Spot> $spots
     *
     * @return array<string, Evidence>
     */
    public function debris(array $spots, Weights $weights): array
    {
        $seen = [];
        foreach ([] === $this->made ? [] : DebrisKind::cases() as $kind) {
            $id = null === $kind->condition() ? '' : Spot::idOf('damage', $kind->condition(), $this->part);
            if (isset($spots[$id])) {
                $seen[$id] = \in_array($kind, $this->made, true)
                    ? new Evidence($id, $weights->falselySeen, 1.0, lcfirst($kind->label()).' in it')
                    : new Evidence($id, 1.0, 1.0 - $spots[$id]->found, 'not in it');
            }
        }

        return $seen;
    }
}
