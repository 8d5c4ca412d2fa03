<?php

declare(strict_types=1);

namespace App\Intake;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsEntityListener;
use Doctrine\ORM\Event\PostUpdateEventArgs;
use Doctrine\ORM\Events;

/**
 * Writes how far a case has come, apart from its other fields: two hands that both begin the work of a stage are not
 * in each other's way, and none takes back what the other has moved.
 */
#[AsEntityListener(event: Events::postUpdate, entity: CaseFile::class)]
final readonly class StageMoves
{
    public function __invoke(CaseFile $case, PostUpdateEventArgs $args): void
    {
        $entityManager = $args->getObjectManager();
        if (!isset($entityManager->getUnitOfWork()->getEntityChangeSet($case)['stage'])) {
            return;
        }
        $from = array_filter(Stage::cases(), static fn (Stage $stage): bool => $stage->mayMoveTo($case->stage));
        $entityManager->createQuery('UPDATE '.CaseFile::class.' c SET c.stage = :to WHERE c.id = :id AND c.stage IN (:from)')
            ->execute(['to' => $case->stage, 'id' => $case->id, 'from' => array_values($from)]);
    }
}
