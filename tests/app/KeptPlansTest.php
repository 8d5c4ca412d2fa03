<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Platform\Plans\KeepPlans;
use App\Platform\Plans\PlanningConnection;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Driver\PDO\PgSQL\Driver;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Types\Types;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a connection that stays keeps of the questions that it was asked. */
final class KeptPlansTest extends AppTestCase
{
    private Connection $database;

    protected function setUp(): void
    {
        parent::setUp();
        $params = self::service(Connection::class)->getParams();
        $params['driverOptions'] = [\PDO::ATTR_PERSISTENT => true];
        $this->database = new Connection($params, (new KeepPlans())->wrap(new Driver()));
        $this->database->executeStatement('DEALLOCATE ALL');
        $this->database->executeStatement('CREATE TEMPORARY TABLE bolt (name text, torque int, loose boolean)');
        $this->database->executeStatement("INSERT INTO bolt VALUES ('a?b', 25, false), ('cover', 40, true), ('it''s', null, null)");
    }

    protected function tearDown(): void
    {
        $this->database->executeStatement('DROP TABLE bolt');
        parent::tearDown();
    }

    private function kept(): int
    {
        $names = $this->database->executeQuery("SELECT count(*) FROM pg_prepared_statements WHERE name LIKE 'plan%'")->fetchOne();

        return \is_int($names) ? $names : -1;
    }

    /**
     * @return list<mixed>
     *
     * @phpstan-impure
     */
    private function bolts(): array
    {
        return $this->database->fetchFirstColumn('SELECT * FROM bolt WHERE torque = ?', [40]);
    }

    public function testAQuestionIsPlannedOnceWhateverItAsksFor(): void
    {
        $torque = fn (string $name): mixed => $this->database->fetchOne('SELECT torque FROM bolt WHERE name = :name', ['name' => $name]);
        self::assertSame([25, 40, null, false], array_map($torque, ['a?b', 'cover', "it's", "x' OR true --"]));
        self::assertSame(1, $this->kept());
    }

    /**
     * @param array<mixed> $values
     * @param array<string> $types
     */
    #[DataProvider('values')]
    public function testValuesArriveAsTheyWere(string $sql, array $values, array $types, mixed $answer): void
    {
        self::assertSame($answer, $this->database->fetchFirstColumn($sql, $values, $types));
        self::assertSame(1, $this->kept());
    }

    /** @return iterable<string, array{string, array<mixed>, array<string>, mixed}> */
    public static function values(): iterable
    {
        yield 'a mark in a text is no place' => ["SELECT name FROM bolt WHERE name = 'a?b' AND torque = ?", [25], [], ['a?b']];
        yield 'two at once' => ['SELECT name FROM bolt WHERE torque > ? AND torque < ?', [24, 30], [], ['a?b']];
        yield 'a number that limits' => ['SELECT name FROM bolt ORDER BY torque LIMIT ?', [1], [], ['a?b']];
        yield 'yes' => ['SELECT name FROM bolt WHERE loose = ?', [true], [Types::BOOLEAN], ['cover']];
        yield 'no' => ['SELECT name FROM bolt WHERE loose = ?', [false], [Types::BOOLEAN], ['a?b']];
        yield 'nothing' => ['SELECT name FROM bolt WHERE torque IS NOT DISTINCT FROM ?', [null], [], ["it's"]];
        yield 'a backslash' => ['SELECT name FROM bolt WHERE name = ?', ["\\'"], [], []];
    }

    public function testWhatIsNoUtf8IsRefusedByPostgreSqlAsEver(): void
    {
        try {
            $this->database->fetchFirstColumn('SELECT name FROM bolt WHERE name = ?', ["cover\xff"]);
            self::fail('it is refused');
        } catch (DriverException $refused) {
            self::assertSame('22021', $refused->getSQLState());
        }
        self::assertSame(0, $this->kept());
    }

    public function testAConnectionThatLostItPlansItAnew(): void
    {
        self::assertSame(['cover'], $this->bolts());
        $this->database->executeStatement('DEALLOCATE ALL');
        self::assertSame(['cover'], $this->bolts());
        // After an update the table has one column more.
        $this->database->executeStatement('ALTER TABLE bolt ADD COLUMN thread text');
        self::assertSame(['cover'], $this->bolts());
        self::assertSame(1, $this->kept());
    }

    public function testWhatIsWrittenOrAskedWithinATransactionOrThroughAllCasesIsAskedAsEver(): void
    {
        $this->database->executeStatement('UPDATE bolt SET torque = 26 WHERE name = ?', ['cover']);
        $this->database->fetchOne('SELECT name FROM bolt WHERE '.PlanningConnection::ANEW.' torque = ?', [26]);
        $this->database->fetchOne('SELECT name FROM bolt WHERE torque IN (?, ?, ?, ?, ?)', [1, 2, 3, 4, 26]);
        $this->database->transactional(fn (): mixed => $this->database->fetchOne('SELECT name FROM bolt WHERE torque = ?', [26]));
        self::assertSame(0, $this->kept());
    }
}
