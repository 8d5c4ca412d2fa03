<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Data;

/** All mechanisms with the conditions that they speak of. */
final readonly class MechanismBook
{
    /** @param array<string, Mechanism> $mechanisms */
    private function __construct(public array $mechanisms, public Vocabulary $vocabulary)
    {
    }

    /**
     * @param list<array<mixed>> $contents of the files: one holds the conditions, the others mechanisms
     *
     * @throws BookError naming the place that cannot be read
     */
    public static function of(array $contents): self
    {
        $factory = new MechanismFactory();
        $mechanisms = [];
        $vocabulary = null;
        foreach ($contents as $content) {
            $data = new Data($content);
            if ($data->has('mechanisms')) {
                $more = $factory->mechanisms($data);
                $twice = array_key_first(array_intersect_key($mechanisms, $more));
                if (null !== $twice) {
                    throw new BookError('stands in two files.', 'mechanisms/'.$twice);
                }
                $mechanisms += $more;
            } else {
                $vocabulary = $factory->vocabulary($data);
            }
        }
        $book = new self(
            $mechanisms,
            $vocabulary ?? throw new BookError('are missing; expected states and origins in one file.', 'conditions'),
        );
        $book->check();

        return $book;
    }

    /**
     * With the mechanisms of a book: a new one is added, one of a general name takes its place; without rules it does not work there.
     *
     * @throws BookError naming the place in the book that cannot be read
     */
    public function with(Book $book): self
    {
        if ([] === $book->mechanisms) {
            return $this;
        }
        $own = new self(
            (new MechanismFactory())->mechanisms(new Data(['mechanisms' => $book->mechanisms])) + $this->mechanisms,
            $this->vocabulary,
        );
        $own->check();

        return $own;
    }

    /** Every condition that a rule names is one that is known. */
    private function check(): void
    {
        foreach ($this->mechanisms as $mechanism) {
            foreach ($mechanism->rules as $rule) {
                foreach ([$rule->if, $rule->then] as $term) {
                    $known = match ($term->kind) {
                        'state' => isset($this->vocabulary->states[$term->key]),
                        'origin' => isset($this->vocabulary->origins[$term->key]),
                        default => true,
                    };
                    if (!$known) {
                        throw new BookError(
                            \sprintf('speaks of the %s “%s”, which is no condition.', $term->kind, $term->key),
                            'mechanisms/'.$mechanism->key,
                        );
                    }
                }
                $isFound = 'damage' === $rule->then->kind && \in_array($rule->then->relation, ['here', 'joined'], true);
                if ($mechanism->whereSeen && !$isFound) {
                    throw new BookError(
                        'holds where its effect was seen; expected damage:key@here or damage:key@joined.',
                        'mechanisms/'.$mechanism->key,
                    );
                }
                if ('origin' === $rule->then->kind) {
                    throw new BookError('brings an origin about; a chain starts there.', 'mechanisms/'.$mechanism->key);
                }
            }
        }
    }
}
