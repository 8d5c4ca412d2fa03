<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\Actor;
use App\Platform\ShopError;
use App\Proof\Form\ProofLimitInput;
use App\Proof\Repository\ProofLimitRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\ProofRead;
use Japhrex\Core\Family\ProofStep;

/** The shop's own limits of the proof: they stand in the place of the book's, for every case of the family from then on. */
final readonly class ProofLimits
{
    public function __construct(private EntityManagerInterface $entityManager, private ProofLimitRepository $limits)
    {
    }

    /** @return list<ProofStep> of the book, with the limits of the shop */
    public function steps(Book $book): array
    {
        $own = [];
        foreach ($this->limits->ofFamily($book->key) as $limit) {
            $own[$limit->step][$limit->what] = $limit;
        }

        return array_map(static fn (ProofStep $step): ProofStep => isset($own[$step->key]) ? $step->reading(array_map(
            static fn (ProofRead $read): ProofRead => isset($own[$step->key][$read->what])
                ? $read->within($own[$step->key][$read->what]->least, $own[$step->key][$read->what]->most)
                : $read,
            $step->reads,
        )) : $step, $book->upkeep->proof);
    }

    /** @return array<string, ProofLimit> by `step/what` */
    public function inForce(Book $book): array
    {
        $own = [];
        foreach ($this->limits->ofFamily($book->key) as $limit) {
            $own[$limit->step.'/'.$limit->what] = $limit;
        }

        return $own;
    }

    /**
     * The one way in for it. Without a limit the one in force ends, and the book's counts again.
     *
     * @throws ShopError saying what is missing or cannot be read
     */
    public function keep(Book $book, string $step, ProofLimitInput $typed, Actor $who): void
    {
        $read = $this->read($book, $step, $typed->what);
        $last = $this->limits->inForce($book->key, $step, $typed->what);
        if ('' !== $typed->least.$typed->most) {
            try {
                $read->ownedBy($typed->least, $typed->most, $typed->source);
            } catch (\DomainException $error) {
                throw new ShopError($error->getMessage(), 422, $error);
            }
            $this->entityManager->persist(new ProofLimit($book->key, $step, $typed->what, $typed, $who));
        }
        $last?->end();
        $this->entityManager->flush();
    }

    /** @throws ShopError if the book has no such reading with a limit of one value */
    private function read(Book $book, string $key, string $what): ProofRead
    {
        foreach ($book->upkeep->proof as $step) {
            foreach ($step->key === $key ? $step->reads : [] as $read) {
                if ($read->what === $what && [] === $read->curve) {
                    return $read;
                }
            }
        }
        throw new ShopError('The book has no such reading in its proof.', 404);
    }
}
