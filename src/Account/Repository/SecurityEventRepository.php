<?php

declare(strict_types=1);

namespace App\Account\Repository;

use App\Account\Log\LoggedEvent;
use App\Account\Log\SecurityEvent;
use App\Account\User;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;

final readonly class SecurityEventRepository
{
    public function __construct(private Connection $database)
    {
    }

    public function add(SecurityEvent $event, ?User $person, string $who, string $address, string $detail): void
    {
        $this->database->insert('security_event', [
            'kind' => $event->value, 'person_id' => $person?->id->toRfc4122(), 'who' => $who, 'address' => $address, 'detail' => $detail,
        ]);
    }

    /**
     * @param SecurityEvent|null $only of this kind; null: of all
     * @param string $who a part of the name; empty: whoever
     * @param int $before only lines written before that one
     *
     * @return list<LoggedEvent> the newest first
     */
    public function page(?SecurityEvent $only, string $who, int $before, int $most): array
    {
        $query = $this->database->createQueryBuilder()->select('id', 'at', 'kind', 'who', 'address', 'detail')->from('security_event')
            ->where('id < :before')->setParameter('before', $before, ParameterType::INTEGER)->orderBy('id', 'DESC')->setMaxResults($most);
        if (null !== $only) {
            $query->andWhere('kind = :kind')->setParameter('kind', $only->value);
        }
        if ('' !== $who) {
            $query->andWhere('strpos(lower(who), :who) > 0')->setParameter('who', mb_strtolower($who));
        }
        /** @var list<array{id: int, at: string, kind: string, who: string, address: string, detail: string}> $rows */
        $rows = $query->fetchAllAssociative();

        return array_map(static fn (array $row): LoggedEvent => new LoggedEvent(
            $row['id'],
            (new \DateTimeImmutable($row['at']))->setTimezone(new \DateTimeZone(date_default_timezone_get())),
            SecurityEvent::tryFrom($row['kind']),
            $row['who'],
            $row['address'],
            $row['detail'],
        ), $rows);
    }
}
