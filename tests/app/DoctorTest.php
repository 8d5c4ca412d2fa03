<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\OurShop;
use App\Account\Role;
use App\Account\ShopKind;
use App\Shop\Backup\LastBackup;
use App\Shop\Doctor\QueueCheck;
use App\Shop\Doctor\Symptom;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\Console\Tester\CommandTester;

/** Whoever looks after the server is told how the shop is; so is a balancer, and less. */
final class DoctorTest extends AppTestCase
{
    protected function tearDown(): void
    {
        Clock::set(new NativeClock());
        parent::tearDown();
    }

    public function testABalancerHearsWhetherItLivesAndCanServeAndNothingElse(): void
    {
        foreach (['/health/alive' => ['alive'], '/health/ready' => ['ready', 'database', 'tables', 'store']] as $path => $keys) {
            $this->browser->request('GET', $path);
            self::assertSame(200, $this->browser->getResponse()->getStatusCode(), $path);
            self::assertSame($keys, array_keys((array) json_decode((string) $this->browser->getResponse()->getContent(), true)));
        }
    }

    public function testTheFloorSaysWhenTheLastBackupIsTooOldAndTheDemoNeedsNone(): void
    {
        $this->signIn(Role::Desk);
        self::service(OurShop::class)->settings()->kind = ShopKind::Shop;
        self::em()->flush();
        $floor = function (): string {
            $this->browser->request('GET', '/');

            return $this->said();
        };
        self::service(LastBackup::class)->note(new \DateTimeImmutable('2026-12-01 03:00 UTC'), 's3://key:secret@kept.example/shop');
        Clock::set(new MockClock('2026-12-02 14:00 UTC'));
        $said = $floor();
        self::assertStringContainsString('Last whole backup 1 Dec 2026 03:00', $said);
        self::assertStringNotContainsString('The last backup', $said);
        Clock::set(new MockClock('2026-12-02 16:00 UTC'));
        self::assertStringContainsString('The last backup is of 1 Dec 2026 03:00', $floor());
        self::service(OurShop::class)->settings()->kind = ShopKind::Demo;
        self::em()->flush();
        $said = $floor();
        self::assertStringNotContainsString('The last backup', $said);
        self::assertStringContainsString('Demo shop: the cases are invented', $said);
    }

    /**
     * @return list<string>
     *
     * @phpstan-impure
     */
    private function states(): array
    {
        $state = static fn (Symptom $one): string => $one->of.($one->isWell ? ' well' : ' ill');

        return array_map($state, self::service(QueueCheck::class)->look());
    }

    public function testWhatWaitsForAWorkerThatIsNotThereIsIll(): void
    {
        $insert = "INSERT INTO messenger_messages (body, headers, queue_name, created_at, available_at)
            VALUES ('', '[]', ?, now() AT TIME ZONE 'UTC', now() AT TIME ZONE 'UTC' - CAST(? AS interval))";
        self::em()->getConnection()->executeStatement($insert, ['default', '9 minutes']);
        self::assertSame(['queue well', 'papers well'], $this->states());
        self::em()->getConnection()->executeStatement($insert, ['default', '12 minutes']);
        self::em()->getConnection()->executeStatement($insert, ['failed', '1 minute']);
        self::assertSame(['queue ill', 'papers ill'], $this->states());
    }

    public function testTheDoctorNamesWhatIsIllAndEndsWithOne(): void
    {
        self::em()->getConnection()->executeStatement(
            "INSERT INTO messenger_messages (body, headers, queue_name, created_at, available_at)
             VALUES ('', '[]', 'default', now(), now() AT TIME ZONE 'UTC' - interval '1 hour')",
        );
        $application = new \Symfony\Bundle\FrameworkBundle\Console\Application(self::$kernel ?? self::fail());
        $doctor = new CommandTester($application->find('app:doctor'));
        self::assertSame(1, $doctor->execute([]));
        self::assertMatchesRegularExpression('/^ILL +queue +1 wait, the oldest for 60 min/m', $doctor->getDisplay());
        self::assertMatchesRegularExpression('/^well +database +PostgreSQL 15/m', $doctor->getDisplay());
        self::assertMatchesRegularExpression('/^well +tables/m', $doctor->getDisplay());
    }
}
