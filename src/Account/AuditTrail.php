<?php

declare(strict_types=1);

namespace App\Account;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Symfony\Component\Uid\Uuid;

/** Writes down every change of every audited thing in the same transaction as the change itself. */
#[AsDoctrineListener('onFlush')]
final readonly class AuditTrail
{
    private const SILENT = ['id', 'madeAt', 'version', 'case', 'byPerson'];

    /** Fields in which the name of a person stands. */
    private const NAMES = ['byWhom', 'withWhom', 'signedBy', 'secondBy', 'holder', 'despiteBy', 'answeredBy'];

    /** Fields whose change is told, and not what they hold. */
    private const SECRET = ['password', 'token', 'tokenHash'];

    public function __construct(private CurrentPerson $person, private TrailNames $names)
    {
    }

    public function onFlush(OnFlushEventArgs $args): void
    {
        $entityManager = $args->getObjectManager();
        $work = $entityManager->getUnitOfWork();
        foreach ($work->getScheduledEntityInsertions() as $entity) {
            $this->write($entityManager, $entity, 'added', $work->getEntityChangeSet($entity));
        }
        foreach ($work->getScheduledEntityUpdates() as $entity) {
            $this->write($entityManager, $entity, 'changed', $work->getEntityChangeSet($entity));
        }
        foreach ($work->getScheduledEntityDeletions() as $entity) {
            $gone = array_map(static fn (mixed $value): array => [$value, null], $work->getOriginalEntityData($entity));
            $this->write($entityManager, $entity, 'removed', $gone);
        }
    }

    /** @param array<string, mixed> $changes field => [before, after] */
    private function write(EntityManagerInterface $entityManager, object $entity, string $action, array $changes): void
    {
        if (!$entity instanceof Audited || !isset($entity->id) || !$entity->id instanceof Uuid) {
            return;
        }
        $metadata = $entityManager->getClassMetadata(AuditEntry::class);
        foreach ($changes as $field => $change) {
            if (
                !\is_array($change)
                    || ($entity instanceof AuditedInPart && !\in_array($field, $entity->auditFields(), true))
                    || \in_array($field, self::SILENT, true)
                    || str_ends_with($field, '_id')
            ) {
                continue;
            }
            [$before, $after] = [self::text($change[0] ?? null), self::text($change[1] ?? null)];
            if ($before === $after) {
                continue;
            }
            [$before, $after] = [$this->kept($field, $before), $this->kept($field, $after)];
            $entry = new AuditEntry(
                $entity->auditCase(),
                $this->names->digest($this->person->actor()->actsAs()),
                $action,
                mb_substr($entity->auditName(), 0, 200),
                $entity->id,
                $field,
                $before,
                $after,
            );
            $entityManager->persist($entry);
            $entityManager->getUnitOfWork()->computeChangeSet($metadata, $entry);
        }
    }

    private function kept(string $field, ?string $text): ?string
    {
        return match (true) {
            null === $text => null,
            \in_array($field, self::NAMES, true) => $this->names->person($text),
            \in_array($field, self::SECRET, true) => 'not kept here',
            default => $text,
        };
    }

    private static function text(mixed $value): ?string
    {
        $text = match (true) {
            null === $value => null,
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_scalar($value) => (string) $value,
            $value instanceof \BackedEnum => (string) $value->value,
            $value instanceof \DateTimeInterface => $value->format('Y-m-d H:i:s'),
            $value instanceof User => $value->name,
            $value instanceof Audited => $value->auditName(),
            $value instanceof \Stringable => (string) $value,
            \is_array($value) => json_encode($value, \JSON_UNESCAPED_UNICODE) ?: null,
            default => null,
        };

        return '' === $text ? null : $text;
    }
}
