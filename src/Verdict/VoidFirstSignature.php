<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Account\Audited;
use App\Account\CurrentPerson;
use App\Intake\CaseFile;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Event\OnFlushEventArgs;

use function Symfony\Component\Clock\now;

use Symfony\Component\Uid\Uuid;

/**
 * Whatever changes the evidence after the first signature takes that signature away, in the same transaction. Runs before the audit trail.
 */
#[AsDoctrineListener('onFlush', priority: 10)]
final readonly class VoidFirstSignature
{
    public function __construct(private CurrentPerson $person)
    {
    }

    public function onFlush(OnFlushEventArgs $args): void
    {
        $entityManager = $args->getObjectManager();
        $work = $entityManager->getUnitOfWork();
        $touched = [];
        foreach (
            [
                ['added', $work->getScheduledEntityInsertions()],
                ['changed', $work->getScheduledEntityUpdates()],
                ['removed', $work->getScheduledEntityDeletions()],
            ] as [$how, $things]
        ) {
            foreach ($things as $thing) {
                if ($thing instanceof Audited && $this->counts($thing, array_keys($work->getEntityChangeSet($thing)), 'changed' === $how)) {
                    $touched[(string) $this->case($thing)] ??= [$this->case($thing), \sprintf('%s was %s', $thing->auditName(), $how)];
                }
            }
        }
        foreach ($touched as [$case, $what]) {
            if (null !== $case) {
                $this->void($entityManager, $case, $what);
            }
        }
    }

    /** @param list<string> $fields */
    private function counts(Audited $thing, array $fields, bool $isChange): bool
    {
        return SignedEvidence::covers($thing) && (!$isChange || [] !== array_diff($fields, SignedEvidence::without($thing)));
    }

    private function case(Audited $thing): ?Uuid
    {
        return $thing instanceof CaseFile ? $thing->id : $thing->auditCase();
    }

    private function void(EntityManagerInterface $entityManager, Uuid $case, string $what): void
    {
        $verdict = $entityManager->getRepository(Verdict::class)->findOneBy(['case' => $case, 'secondAt' => null]);
        if (null === $verdict || !$verdict->awaitsSecond()) {
            return;
        }
        $verdict->void(\sprintf('%s by %s, %s.', $what, $this->person->actor()->actsAs(), now()->format('j M Y H:i')));
        $entityManager->getUnitOfWork()->computeChangeSet($entityManager->getClassMetadata(Verdict::class), $verdict);
    }
}
