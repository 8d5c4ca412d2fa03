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
        self::assertStringContainsString('First: is something in the wrong way round?', $page);
        self::assertStringContainsString('Back to the chain: what was mended was not all', $page);
        self::assertStringContainsString('proof missed', $page);
        self::assertStringContainsString('6 steps not passed', $page);
        self::assertSame(303, $this->act($case, 'proof/'.$last, ['outcome' => 'passed', 'words' => '17.9 L/min hot'], 'proof'));
        $page = $this->browser->request('GET', "/cases/{$case->number}/proof")->text();
        self::assertStringNotContainsString('proof missed', $page);
        self::assertStringContainsString('5 steps not passed', $page);
    }

    public function testWhoWillNotHaveAGuardBackIsNamedAndOurObjectionStands(): void
    {
        $case = $this->complained();
        $keys = $this->items($case);
        $guard = $keys['Guard over the coupling back on'] ?? self::fail(implode('; ', array_keys($keys)));
        $flow = $keys['Flow at 0, 100 and 200 bar, cold and at 50 °C'] ?? self::fail(implode('; ', array_keys($keys)));
        self::assertSame(422, $this->act($case, 'proof/'.$flow, ['outcome' => 'refused', 'words' => 'no'], 'proof'));
        self::assertStringContainsString('Only a guard can be refused', $this->said());
        self::assertSame(422, $this->act($case, 'proof/'.$guard, ['outcome' => 'refused', 'words' => ''], 'proof'));
        self::assertStringContainsString('Who will not have the guard back', $this->said());
        $why = 'Fleet office: no room beside the bigger pump. We advise against it.';
        self::assertSame(303, $this->act($case, 'proof/'.$guard, ['outcome' => 'refused', 'words' => $why], 'proof'));
        $page = $this->browser->request('GET', "/cases/{$case->number}/proof")->text();
        self::assertStringContainsString('Refused: '.$why, $page);
        self::assertStringContainsString('0 of 11 passed', $page, 'it is not passed by that');
    }

    public function testTheShopKeepsItsOwnLimitOfTheProofWithItsSource(): void
    {
        $case = $this->complained();
        $own = ['what' => 'Flow at 100 bar, cold', 'least' => '95 %', 'most' => ''];
        self::assertSame(422, $this->act($case, 'proof-limit/flow', $own, 'proof'));
        self::assertStringContainsString('Where is it written?', $this->said());
        self::assertStringContainsString('value="95 %"', (string) $this->browser->getResponse()->getContent());
        $own['source'] = 'Maker’s manual, edition 4, page 31';
        self::assertSame(422, $this->act($case, 'proof-limit/flow', ['least' => '95 bar'] + $own, 'proof'));
        self::assertSame(404, $this->act($case, 'proof-limit/flow', ['what' => 'Colour'] + $own, 'proof'));
        self::assertSame(303, $this->act($case, 'proof-limit/flow', $own, 'proof'));
        $this->ready($case);
        // 28.7 cc times 1500 rpm is 43.05 L/min; 40.2 of it are 93.4 %: enough for the book, not for the shop.
        $fresh = $this->fresh($case);
        $fresh->displacement = '28.7 cc/rev';
        self::em()->flush();
        $typed = ['outcome' => 'passed', 'words' => '', 'read' => ['40.2 L/min'], 'speed' => ['1500 rpm']];
        self::assertSame(422, $this->act($case, 'proof/book-flow', $typed, 'proof'));
        self::assertStringContainsString('93.4 %, at least 95 %', $this->said());
        self::assertSame(303, $this->act($case, 'proof-limit/flow', ['least' => '', 'source' => ''] + $own, 'proof'));
        self::assertSame(303, $this->act($case, 'proof/book-flow', $typed, 'proof'), 'the limit of the book counts again');
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
                $this->record($case, implode('', iterator_to_array(StandInStand::of('gear', $fault)->run(4.0), false))),
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
