<?php

declare(strict_types=1);

namespace App\Intake\Repository;

use App\Intake\CaseFile;
use Doctrine\DBAL\Types\Type;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Mapping\ClassMetadata;
use Doctrine\ORM\Mapping\ToManyAssociationMapping;
use Doctrine\ORM\PersistentCollection;
use Doctrine\ORM\UnitOfWork;
use Symfony\Contracts\Cache\CacheInterface;

/**
 * All that is kept of a case in one question, where a page would ask one for each kind of thing. Each kind is an arm of a union that
 * gives its columns as texts; Doctrine makes of them what it would have made of the columns.
 */
final class WholeCase
{
    private ?WholeCasePlan $plan = null;

    public function __construct(private readonly EntityManagerInterface $entityManager, private readonly CacheInterface $cache)
    {
    }

    /**
     * What is listed in the case itself is made of its rows at once, the rest when it is asked for.
     *
     * @return array<class-string, list<string>> rows of every kind that is read so, in the order in which they were made
     */
    public function read(CaseFile $case): array
    {
        $plan = $this->plan();
        $rows = array_fill_keys(array_keys($plan->columns), []);
        $classes = array_keys($plan->columns);
        /** @var array{kind: int|string, told: string} $row */
        foreach ($this->entityManager->getConnection()->fetchAllAssociative($plan->sql, ['case' => (string) $case->id]) as $row) {
            $rows[$classes[(int) $row['kind']]][] = $row['told'];
        }
        $this->fill($case, $rows);

        return $rows;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     * @param list<string> $rows as they were read
     *
     * @return list<T>
     */
    public function made(string $class, array $rows): array
    {
        if ([] === $rows) {
            return [];
        }
        $platform = $this->entityManager->getConnection()->getDatabasePlatform();
        $work = $this->entityManager->getUnitOfWork();
        $columns = array_map(
            static fn (array $one): array => [$one[0], Type::getType($one[1])], $this->plan()->columns[$class],
        );
        $made = [];
        foreach ($rows as $row) {
            $data = [];
            /** @var list<string|null> $told */
            $told = json_decode($row, true, 512, \JSON_THROW_ON_ERROR);
            foreach ($columns as $at => [$name, $type]) {
                $data[$name] = $type->convertToPHPValue($told[$at], $platform);
            }
            $hints = [UnitOfWork::HINT_DEFEREAGERLOAD => true];
            $made[] = $work->createEntity($class, $data, $hints);
        }
        $work->triggerEagerLoads();
        $work->hydrationComplete();

        /** @var list<T> */
        return $made;
    }

    /** @param array<class-string, list<string>> $rows */
    private function fill(CaseFile $case, array $rows): void
    {
        $metadata = $this->entityManager->getClassMetadata(CaseFile::class);
        foreach ($metadata->getAssociationMappings() as $name => $one) {
            $collection = $one instanceof ToManyAssociationMapping ? $metadata->getFieldValue($case, $name) : null;
            if ($collection instanceof PersistentCollection && !$collection->isInitialized() && isset($rows[$one->targetEntity])) {
                array_map($collection->hydrateAdd(...), $this->made($one->targetEntity, $rows[$one->targetEntity]));
                $collection->setInitialized(true);
                $collection->takeSnapshot();
            }
        }
    }

    private function plan(): WholeCasePlan
    {
        return $this->plan ??= $this->cache->get('whole-case', function (): WholeCasePlan {
            $columns = $arms = [];
            foreach ($this->kinds() as $metadata) {
                $columns[$metadata->getName()] = $of = $this->columns($metadata);
                $arms[] = \sprintf(
                    'SELECT %d AS kind, t.id, array_to_json(ARRAY[%s]) AS told FROM %s t WHERE t.case_id = asked.id',
                    \count($arms),
                    implode(', ', array_map(static fn (array $one): string => 'CAST(t.'.$one[2].' AS text)', $of)),
                    $metadata->getTableName(),
                );
            }

            return new WholeCasePlan(
                'SELECT kind, told FROM (VALUES (CAST(:case AS uuid))) asked (id) CROSS JOIN LATERAL ('.implode(' UNION ALL ', $arms)
                    .') of_case ORDER BY kind, of_case.id',
                $columns,
            );
        });
    }

    /** @return list<ClassMetadata<object>> of what is kept of a case, but for what is read with more than itself */
    private function kinds(): array
    {
        $own = $this->entityManager->getClassMetadata(CaseFile::class)->getAssociationMappings();
        $listed = array_map(static fn (ToManyAssociationMapping $one): string => $one->targetEntity, array_filter(
            $own, static fn (mixed $one): bool => $one instanceof ToManyAssociationMapping,
        ));

        return array_values(array_filter(
            $this->entityManager->getMetadataFactory()->getAllMetadata(),
            static function (ClassMetadata $one) use ($listed): bool {
                $repository = $one->customRepositoryClassName;

                return \in_array($one->getName(), $listed, true) || null !== $repository
                    && is_subclass_of($repository, OfCaseRepository::class) && !is_subclass_of($repository, ReadAlone::class);
            },
        ));
    }

    /**
     * @param ClassMetadata<object> $metadata
     *
     * @return list<array{string, string, string}> name under which Doctrine takes the value, its type, its column
     */
    private function columns(ClassMetadata $metadata): array
    {
        $columns = [];
        foreach ($metadata->fieldMappings as $name => $field) {
            $columns[] = [$name, $field->type, $field->columnName];
        }
        foreach ($metadata->getAssociationMappings() as $one) {
            foreach ($one->isToOneOwningSide() ? $one->joinColumns : [] as $join) {
                $target = $this->entityManager->getClassMetadata($one->targetEntity);
                $columns[] = [$join->name, $target->fieldMappings[$target->getSingleIdentifierFieldName()]->type, $join->name];
            }
        }

        return $columns;
    }
}
