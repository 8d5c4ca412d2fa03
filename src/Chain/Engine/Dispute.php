<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Account\Actor;
use App\Chain\Refusal;
use App\Chain\Repository\RefusalRepository;
use App\Chain\Theory;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;

/** The one way in for what people hold against the engine: a theory of their own, or what they refuse of its answer. */
final readonly class Dispute
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private CaseAnalysis $analysis,
        private RefusalRepository $refusals,
    ) {
    }

    /**
     * @param string $spot id of the origin that it means
     *
     * @throws ShopError if it is without words, or means no origin of this unit
     */
    public function claim(CaseFile $case, string $words, string $spot, Actor $who): Theory
    {
        if ('' === $words || 'origin' !== ($this->analysis->ground($case)->spots[$spot]->kind ?? '')) {
            throw new ShopError('A theory is said in words, and with the condition that it means: choose one.', 422);
        }
        $this->entityManager->persist($theory = new Theory($case, $words, $spot, $who));
        $this->entityManager->flush();

        return $theory;
    }

    /**
     * A figure or a test says whether a theory stands; null: it is open again.
     *
     * @throws ShopError if it does not say which
     */
    public function settle(Theory $theory, ?bool $stands, string $because): void
    {
        if (null !== $stands && '' === $because) {
            throw new ShopError('Which figure or test says so, and what does it say? It stands in the answer.', 422);
        }
        $theory->settle($stands, $because);
        $this->entityManager->flush();
    }

    /**
     * @param string $subject key of a tie, or id of an origin
     * @param string $name what it said, in words
     *
     * @throws ShopError if no reason is given
     */
    public function refuse(CaseFile $case, string $subject, string $name, string $reason, Actor $who): void
    {
        if ('' === $reason) {
            throw new ShopError('Why is it refused? A few words: they stand with it, and in the report.', 422);
        }
        if (null === $this->refusals->ofSubject($case, $subject)) {
            $this->entityManager->persist(new Refusal($case, $subject, mb_substr($name, 0, 400), $reason, $who));
            $this->entityManager->flush();
        }
    }
}
