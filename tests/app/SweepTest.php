<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\PartialUploads;
use App\Exchange\Bag\BagOut;
use App\Platform\QueueClock;
use App\Platform\StoredFiles;
use App\Report\Report;
use App\Shop\Sweep\Sweep;
use App\Verdict\Signing;
use League\Flysystem\FilesystemOperator;

/** What nobody was sent goes after a time, file and row; what was signed stays whatever is asked of the database. */
final class SweepTest extends SignedCaseTestCase
{
    private function report(string $words, int $days, bool $isSigned): Report
    {
        $case = $isSigned ? $this->signedCase() : $this->aCase();
        $report = new Report($case, $isSigned ? self::service(Signing::class)->current($case) : null, $this->person(Role::Analyst));
        file_put_contents($file = (string) tempnam(sys_get_temp_dir(), 'japhrex'), $words);
        $report->kept(self::service(StoredFiles::class)->keep('reports', $file), $file);
        $report->madeAt = new \DateTimeImmutable("-$days days");
        self::em()->persist($report);
        self::em()->flush();

        return $report;
    }

    public function testADraftGoesAfterNinetyDaysWithItsFileAndASignedReportNever(): void
    {
        $new = $this->report('a draft of last week', 7, false);
        $old = $this->report('a draft of last year', 365, false);
        $twin = $this->report('a draft of last year', 1, false);
        $signed = $this->report('what two have signed', 365, true);
        $bags = new BagOut(['OQ-26-0101'], false, $this->person(Role::Desk));
        file_put_contents($file = (string) tempnam(sys_get_temp_dir(), 'japhrex'), 'a bundle');
        $bags->kept(self::service(StoredFiles::class)->keep(BagOut::AREA, $file), $file);
        $bags->madeAt = new \DateTimeImmutable('-31 days');
        self::em()->persist($bags);
        self::em()->flush();

        self::assertSame(2, self::service(Sweep::class)->run()['papers that nobody was sent']);
        $stored = self::service(StoredFiles::class);
        self::assertFalse($stored->has(BagOut::AREA, (string) $bags->hash));
        self::assertTrue($stored->has('reports', (string) $old->hash), 'another row speaks of the same file');
        self::em()->clear();
        $left = array_map(static fn (Report $one): string => (string) $one->id, self::em()->getRepository(Report::class)->findAll());
        self::assertSame([], array_diff(array_map('strval', [$new->id, $twin->id, $signed->id]), $left));
        self::assertNotContains((string) $old->id, $left);
        $this->expectExceptionMessage('a paper that was made stays the file that it was');
        self::em()->getConnection()->executeStatement('DELETE FROM report WHERE id = ?', [(string) $signed->id]);
    }

    public function testWorkThatAMachineWithAWrongClockPutOffOrTookUpIsDoneToday(): void
    {
        $database = self::em()->getConnection();
        foreach (['+2 days' => '+2 days', '+1 hour' => null, '-1 hour' => '-10 minutes'] as $available => $delivered) {
            $time = static fn (?string $one): ?string => null === $one ? null : gmdate('Y-m-d H:i:s', (int) strtotime($one));
            $database->insert('messenger_messages', [
                'body' => $available, 'headers' => '[]', 'queue_name' => 'default', 'created_at' => $time('now'),
                'available_at' => $time($available), 'delivered_at' => $time($delivered),
            ]);
        }
        self::assertSame(1, self::service(QueueClock::class)->right());
        $waits = $database->fetchAllKeyValue(
            "SELECT body, available_at <= now() AT TIME ZONE 'UTC' AND delivered_at IS NULL FROM messenger_messages ORDER BY id",
        );
        self::assertSame(['+2 days' => true, '+1 hour' => false, '-1 hour' => false], $waits, 'a retry in an hour and work under way stay');
    }

    public function testPiecesOfAnUploadThatNobodyFinishedAreGivenUpAfterAWeek(): void
    {
        $files = self::service(FilesystemOperator::class);
        $path = PartialUploads::AREA.'/0123456789abcdef/'.str_repeat('a', 36).'/000000000000';
        $files->write($path, 'half a photo');
        self::assertSame(0, self::service(Sweep::class)->run()['pieces that nobody finished']);
        self::assertTrue(touch(getenv('JAPHREX_STORE').'/'.$path, time() - 8 * 86400));
        self::assertSame(1, self::service(Sweep::class)->run()['pieces that nobody finished']);
        self::assertFalse($files->fileExists($path));
    }
}
