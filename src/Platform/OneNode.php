<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Connection;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Lock\Store\DoctrineDbalPostgreSqlStore;

/** What only one machine may do at a time, however many serve the shop: a lock in the database that all of them share. */
final readonly class OneNode
{
    private LockFactory $locks;

    public function __construct(private Connection $database)
    {
        $this->locks = new LockFactory(new DoctrineDbalPostgreSqlStore($database));
    }

    /** Whether this is the machine that does it today: of all that ask, the first by the day of the database. */
    public function isFirstToday(string $what): bool
    {
        return false !== $this->database->fetchOne(
            'INSERT INTO day_done (what, day) VALUES (?, current_date) ON CONFLICT (what) DO UPDATE SET day = excluded.day
                WHERE day_done.day < excluded.day RETURNING 1',
            [$what],
        );
    }

    /**
     * @template T
     *
     * @param \Closure(): T $do
     *
     * @return T|null null: another machine is at it
     */
    public function during(string $what, \Closure $do): mixed
    {
        $lock = $this->locks->createLock('japhrex '.$what, null);
        if (!$lock->acquire()) {
            return null;
        }
        try {
            return $do();
        } finally {
            $lock->release();
        }
    }
}
