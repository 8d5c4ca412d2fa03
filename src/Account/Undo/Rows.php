<?php

declare(strict_types=1);

namespace App\Account\Undo;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\DBAL\Types\Type;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Mapping\ClassMetadata;
use Doctrine\ORM\Mapping\ToOneOwningSideMapping;
use Symfony\Component\Uid\Uuid;

/** Things of the shop as rows: what each holds, as the database does, and a thing made of such a row. */
final readonly class Rows
{
    /** Kept by the program itself. */
    private const OWN = ['id', 'version'];

    public function __construct(private EntityManagerInterface $entityManager)
    {
    }

    public function tableOf(object $entity): string
    {
        return $this->metadata($entity::class)->getTableName();
    }

    public function idOf(object $entity): Uuid
    {
        $id = $this->metadata($entity::class)->getIdentifierValues($entity)['id'] ?? null;

        return $id instanceof Uuid ? $id : throw new \LogicException($entity::class.' has no key of ours.');
    }

    public function find(string $table, Uuid $id): ?object
    {
        return $this->entityManager->find($this->classOf($table), $id);
    }

    /** @return array<string, scalar|null> everything that it holds */
    public function held(object $entity): array
    {
        $metadata = $this->metadata($entity::class);
        $held = [];
        foreach ($metadata->getFieldNames() as $field) {
            $held += $this->isKept($field) ? [$field => $this->toRow($metadata, $field, $metadata->getFieldValue($entity, $field))] : [];
        }
        foreach ($metadata->getAssociationNames() as $field) {
            if ($metadata->getAssociationMapping($field) instanceof ToOneOwningSideMapping) {
                $held[$field] = $this->toRow($metadata, $field, $metadata->getFieldValue($entity, $field));
            }
        }

        return $held;
    }

    /**
     * @param array<string, mixed> $changes field => [before, after]
     *
     * @return array<string, array{scalar|null, scalar|null}>
     */
    public function changed(object $entity, array $changes): array
    {
        $metadata = $this->metadata($entity::class);
        $changed = [];
        foreach ($changes as $field => $change) {
            if (\is_array($change) && $this->isKept($field) && $this->isWritten($metadata, $field)) {
                $pair = [$this->toRow($metadata, $field, $change[0] ?? null), $this->toRow($metadata, $field, $change[1] ?? null)];
                $changed += $pair[0] === $pair[1] ? [] : [$field => $pair];
            }
        }

        return $changed;
    }

    /** @param array<string, scalar|null> $row */
    public function put(object $entity, array $row): void
    {
        $metadata = $this->metadata($entity::class);
        foreach ($row as $field => $value) {
            $metadata->setFieldValue($entity, $field, $this->fromRow($metadata, $field, $value));
        }
    }

    /** A thing of this key that holds nothing yet. */
    public function make(string $table, Uuid $id): object
    {
        $metadata = $this->metadata($this->classOf($table));
        $entity = $metadata->newInstance();
        $metadata->setFieldValue($entity, 'id', $id);
        if ($metadata->isVersioned && null !== $metadata->versionField) {
            $metadata->setFieldValue($entity, $metadata->versionField, 1);
        }
        foreach ($metadata->getAssociationNames() as $field) {
            if ($metadata->isCollectionValuedAssociation($field)) {
                $metadata->setFieldValue($entity, $field, new ArrayCollection());
            }
        }

        return $entity;
    }

    /** Does it still hold what was put there? */
    public function holds(object $entity, string $field, string|int|float|bool|null $value): bool
    {
        $metadata = $this->metadata($entity::class);

        // By way of the thing itself, since the database writes times and lists in its own manner.
        return $metadata->hasAssociation($field)
            ? $this->toRow($metadata, $field, $metadata->getFieldValue($entity, $field)) === $value
            : $this->fromRow($metadata, $field, $this->held($entity)[$field]) == $this->fromRow($metadata, $field, $value);
    }

    /**
     * What the database takes away, or empties, when this goes.
     *
     * @return list<array{object, string|null}> what hangs on it, and the field that is emptied; null: it goes too
     */
    public function hangingOn(object $entity): array
    {
        $hanging = [];
        foreach ($this->entityManager->getMetadataFactory()->getAllMetadata() as $metadata) {
            foreach ($metadata->associationMappings as $field => $mapping) {
                $onDelete = $mapping instanceof ToOneOwningSideMapping ? $mapping->joinColumns[0]->onDelete ?? null : null;
                if (null === $onDelete || !$entity instanceof $mapping->targetEntity) {
                    continue;
                }
                $query = $this->entityManager->createQueryBuilder()->select('e')->from($metadata->name, 'e')->where("e.$field = :it");
                /** @var list<object> $found */
                $found = $query->setParameter('it', $entity)->getQuery()->getResult();
                foreach ($found as $one) {
                    if ('CASCADE' === strtoupper($onDelete)) {
                        array_push($hanging, [$one, null], ...$this->hangingOn($one));
                    } elseif ('SET NULL' === strtoupper($onDelete)) {
                        $hanging[] = [$one, $field];
                    }
                }
            }
        }

        return $hanging;
    }

    /**
     * @param class-string $class
     *
     * @return ClassMetadata<object>
     */
    private function metadata(string $class): ClassMetadata
    {
        return $this->entityManager->getClassMetadata($class);
    }

    /** @return class-string */
    private function classOf(string $table): string
    {
        foreach ($this->entityManager->getMetadataFactory()->getAllMetadata() as $metadata) {
            if ($metadata->getTableName() === $table) {
                return $metadata->name;
            }
        }

        throw new \LogicException(\sprintf('There is no table "%s".', $table));
    }

    /** @param ClassMetadata<object> $metadata */
    private function isWritten(ClassMetadata $metadata, string $field): bool
    {
        return $metadata->hasField($field)
            ? true !== $metadata->getFieldMapping($field)->notUpdatable
            : !$metadata->isCollectionValuedAssociation($field);
    }

    private function isKept(string $field): bool
    {
        return !\in_array($field, self::OWN, true);
    }

    /** @param ClassMetadata<object> $metadata */
    private function toRow(ClassMetadata $metadata, string $field, mixed $value): string|int|float|bool|null
    {
        if ($metadata->hasAssociation($field)) {
            return \is_object($value) ? (string) $this->idOf($value) : null;
        }
        $value = $value instanceof \BackedEnum ? $value->value : $value;
        if ($value instanceof Uuid) {
            return (string) $value;
        }
        $row = Type::getType($metadata->getFieldMapping($field)->type)
            ->convertToDatabaseValue($value, $this->entityManager->getConnection()->getDatabasePlatform());

        return null === $row || \is_scalar($row) ? $row : throw new \LogicException(\sprintf('"%s" is no value of a row.', $field));
    }

    /** @param ClassMetadata<object> $metadata */
    private function fromRow(ClassMetadata $metadata, string $field, string|int|float|bool|null $value): mixed
    {
        if ($metadata->hasAssociation($field)) {
            $class = $metadata->getAssociationTargetClass($field);

            return null === $value ? null : $this->entityManager->getReference($class, Uuid::fromString((string) $value));
        }

        return Type::getType($metadata->getFieldMapping($field)->type)
            ->convertToPHPValue($value, $this->entityManager->getConnection()->getDatabasePlatform());
    }
}
