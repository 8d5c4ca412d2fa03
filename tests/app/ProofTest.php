<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Proof\Handover;
use App\Proof\ProofDesk;
use App\Proof\ProofRecord;
use Japhrex\StandIns\Stand\StandInStand;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** The proof, the clock of a soak, and the return to service. */
final class ProofTest extends AppTestCase
{
    private function complained(): CaseFile
    {
        $this->signIn(Role::Analyst);
        $case = $this->aCase('PP-1');
        $complaint = new Complaint($case);
        $complaint->what = 'low-flow';
        self::em()->persist($complaint);
        self::em()->flush();

        return $case;
    }

    /** @return array<string, string> title => key */
    private function items(CaseFile $case): array
    {
        $keys = [];
        foreach (self::service(ProofDesk::class)->sheet($this->fresh($case)) as $row) {
            $keys[$row->item->title] = $row->item->key;
        }

        return $keys;
    }

    /** Filled, turned by hand, the right way round. */
    private function ready(CaseFile $case): void
    {
        foreach (self::service(ProofDesk::class)->sheet($this->fresh($case)) as $row) {
            if ($row->item->makesReady()) {
                self::assertSame(
                    303,
                    $this->act($case, 'proof/'.$row->item->key, ['outcome' => 'passed', 'words' => 'right'], 'proof'),
                    $row->item->title,
                );
            }
        }
    }

    public function testNothingRunsThatIsNotFilledFreeByHandAndTheRightWayRound(): void
    {
        $case = $this->complained();
        [$fill, $hand, $direction, $low] = array_values($this->items($case));
        foreach ([[$low, 'First: filled through both ports'], [$direction, 'First: filled'], [$hand, 'First: filled']] as [$key, $first]) {
            self::assertSame(422, $this->act($case, 'proof/'.$key, ['outcome' => 'passed', 'words' => 'quiet'], 'proof'));
            self::assertStringContainsString($first, $this->said());
        }
        self::assertSame(422, $this->act($case, 'proof/'.$fill, ['outcome' => 'passed', 'words' => ''], 'proof'));
        self::assertSame(303, $this->act($case, 'proof/'.$fill, ['outcome' => 'passed', 'words' => 'oil at both ports'], 'proof'));
        self::assertSame(422, $this->act($case, 'proof/'.$direction, ['outcome' => 'passed', 'words' => 'as the arrow'], 'proof'));
        self::assertStringContainsString('First: ten turns by hand', $this->said());
        $this->ready($case);
        self::assertStringContainsString(
            'complaint’s own conditions: low flow',
            $this->browser->request('GET', "/cases/{$case->number}/proof")->text(),
        );
    }

    public function testTheClockOfASoakSurvivesAndIsNotCutShort(): void
    {
        $case = $this->complained();
        $keys = $this->items($case);
        $this->ready($case);
        $soak = $keys['No load, five minutes'] ?? self::fail('The book has changed: '.implode('; ', array_keys($keys)));
        self::assertSame(422, $this->act($case, 'proof/'.$soak, ['outcome' => 'passed', 'words' => 'quiet'], 'proof'));
        self::assertStringContainsString('start its clock first', $this->said());
        self::assertSame(303, $this->act($case, 'proof/'.$soak, ['outcome' => 'begun'], 'proof'));
        self::assertStringContainsString(
            '0 of 5 min',
            $this->browser->request('GET', "/cases/{$case->number}/proof")->text(),
            'loaded anew it still runs',
        );
        self::assertSame(422, $this->act($case, 'proof/'.$soak, ['outcome' => 'passed', 'words' => 'quiet'], 'proof'));
        self::assertStringContainsString('0 of 5 min have passed', $this->said());
        self::assertStringContainsString('value="quiet"', (string) $this->browser->getResponse()->getContent());
        $begun = self::em()->getRepository(ProofRecord::class)->findOneBy(['item' => $soak]) ?? self::fail('It is not running.');
        $begun->madeAt = new \DateTimeImmutable('-6 minutes');
        self::em()->flush();
        self::assertSame(303, $this->act($case, 'proof/'.$soak, ['outcome' => 'passed', 'words' => 'quiet'], 'proof'));
    }

    public function testAMissPointsSomewhereAndStandsInTheWalkUntilItIsPassed(): void
    {
        $case = $this->complained();
        $keys = $this->items($case);
        $this->ready($case);
        $last = array_values($keys)[\count($keys) - 1];
        self::assertSame(303, $this->act($case, 'proof/'.$last, ['outcome' => 'missed', 'words' => '11 L/min hot'], 'proof'));
        $page = $this->browser->request('GET', "/cases/{$case->number}/proof")->text();
        self::assertStringContainsString('Leakage inside', $page);
        self::assertStringContainsString('proof missed', $page);
        self::assertStringContainsString('4 steps not passed', $page);
        self::assertSame(303, $this->act($case, 'proof/'.$last, ['outcome' => 'passed', 'words' => '17.9 L/min hot'], 'proof'));
        $page = $this->browser->request('GET', "/cases/{$case->number}/proof")->text();
        self::assertStringNotContainsString('proof missed', $page);
        self::assertStringContainsString('3 steps not passed', $page);
    }

    public function testAUnitGoesOutWithAdviceAndAWatchDayAndComesBackWithIt(): void
    {
        $case = $this->complained();
        $fields = ['check' => 'Level after a day.', 'stop' => 'New noise.', 'watch' => (new \DateTimeImmutable('today'))->format('Y-m-d')];
        self::assertSame(422, $this->act($case, 'handover', $fields, 'proof'));
        self::assertStringContainsString('steps of the proof are not passed', $this->said());
        self::assertStringContainsString('Level after a day.', $this->said(), 'what was typed stays');
        self::assertSame(0, self::em()->getRepository(Handover::class)->count([]));
        self::assertSame(303, $this->act($case, 'handover', $fields + ['despite' => 'no stand for this drive'], 'proof'));
        self::assertStringContainsString('Ask how', $this->browser->request('GET', '/')->text(), 'on its day it stands on the floor');
        $case = $this->fresh($case);
        $back = $this->aCase('PP-1');
        $back->comebackOf = $case;
        self::em()->flush();
        $sheet = $this->browser->request('GET', "/cases/{$back->number}/warranty")->filter('#comeback')->text();
        self::assertStringContainsString('Not all of its proof was passed: no stand for this drive', $sheet);
        self::assertStringContainsString('Level after a day.', $sheet);
    }

    private function record(CaseFile $case, string $csv): int
    {
        file_put_contents($file = sys_get_temp_dir().'/run-'.bin2hex(random_bytes(4)).'.csv', $csv);
        $this->browser->request(
            'POST',
            "/cases/{$case->number}/recordings",
            ['_token' => $this->token("/cases/{$case->number}/proof")],
            ['recording' => new UploadedFile($file, 'run.csv', 'text/csv', null, true)],
        );

        return $this->browser->getResponse()->getStatusCode();
    }

    public function testARunOfAGoodPumpPassesAndAWornOneFailsOnceItIsWarm(): void
    {
        $case = $this->complained();
        $case->displacement = '28.7 cc/rev';
        self::em()->flush();
        foreach (
            [
                ['none', 'Passed: '],
                ['worn', 'It falls short only once it is warm'],
                ['air', 'It falls short cold as well'],
            ] as [$fault, $says]
        ) {
            self::assertSame(
                303,
                $this->record($case, implode('', iterator_to_array((new StandInStand($fault))->run(4.0), false))),
                $fault,
            );
            self::assertStringContainsString(
                $says,
                $this->browser->request('GET', "/cases/{$case->number}/proof")->filter('.recording')->first()->text(),
                $fault,
            );
        }
        self::assertGreaterThan(
            2,
            $this->browser->getCrawler()->filter('.recording')->first()->filter('.strip')->count(),
            'each channel is drawn',
        );
        $strip = $this->browser->getCrawler()->filter('.recording .strip')->first();
        self::assertStringStartsWith('Flow L/min', $strip->filter('figcaption')->text());
        self::assertSame('0', $strip->filter('.across text')->first()->text(), 'over the time');
        self::assertGreaterThan(2, $strip->filter('.up text')->count(), 'numbers at its axis');
        self::assertSame(422, $this->record($case, "time [s],flow [L/min]\n0,40\n1,40\n0.5,40\n"));
        self::assertStringContainsString('run.csv was not taken. Line 4 steps back in time', $this->said());
    }
}
