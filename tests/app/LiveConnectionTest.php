<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Platform\LiveConnection;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\PDO\Exception;
use PHPUnit\Framework\TestCase;

/** After a restart of the database. */
final class LiveConnectionTest extends TestCase
{
    /** @param list<bool> $answers does the database answer at the first, second, … try? */
    private function driver(array &$answers): Driver
    {
        $connection = $this->createStub(Connection::class);
        $driver = $this->createStub(Driver::class);
        $driver->method('connect')->willReturnCallback(static function () use (&$answers, $connection): Connection {
            return array_shift($answers)
                ? $connection
                : throw Exception::new(new \PDOException('server closed the connection unexpectedly'));
        });

        return (new LiveConnection())->wrap($driver);
    }

    public function testAConnectionThatWasHungUpIsOpenedAgainOnce(): void
    {
        $answers = [false, true, true];
        $this->driver($answers)->connect([]);
        self::assertSame([true], $answers);
    }

    public function testADatabaseThatIsAwayIsSaidToBe(): void
    {
        $answers = [false, false, true];
        $this->expectExceptionMessage('server closed the connection');
        $this->driver($answers)->connect([]);
    }
}
