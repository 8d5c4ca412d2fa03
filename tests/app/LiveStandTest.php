<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Intake\CaseFile;
use App\Proof\Live\LiveRun;
use App\Proof\Live\TestStand;
use App\Proof\ProofRecord;
use App\Proof\StandRecording;
use Japhrex\StandIns\Stand\StandInStand;

/** A stand that sends its rows as it runs. */
final class LiveStandTest extends AppTestCase
{
    private const TOKEN = 'fedcba9876543210fedcba9876543210fedcba98';
    private const HEAD = "time [s],flow [L/min],pressure [bar],temperature [°C],speed [rpm]\n";

    private function running(): CaseFile
    {
        $stand = new TestStand('Stand 1');
        $stand->giveToken(self::TOKEN);
        $stand->expanded = ['flow' => '0.4 L/min', 'pressure' => '1 bar'];
        self::em()->persist($stand);
        $this->signIn(Role::Bench);
        $case = $this->aCase('PP-1');
        $case->displacement = '28.7 cc/rev';
        self::em()->flush();

        return $case;
    }

    /** @return array{int, string} */
    private function sent(string $rows, string $token = self::TOKEN, string $head = self::HEAD): array
    {
        $this->browser->request(
            'POST',
            '/gateway/rows',
            server: ['HTTP_AUTHORIZATION' => 'Bearer '.$token, 'CONTENT_TYPE' => 'text/csv'],
            content: $head.$rows,
        );

        return [$this->browser->getResponse()->getStatusCode(), (string) $this->browser->getResponse()->getContent()];
    }

    public function testRowsAreTakenWhileSomebodyRecordsAndKeptAsTheyCame(): void
    {
        $case = $this->running();
        self::assertSame(401, $this->sent("0,40,70,50,1500\n", str_repeat('0', 40))[0]);
        self::assertSame(409, $this->sent("0,40,70,50,1500\n")[0], 'nobody records');
        self::assertSame(303, $this->act($case, 'run', ['stand' => 'Stand 1'], 'proof'));
        self::assertStringContainsString(
            'nothing has come yet',
            $this->browser->request('GET', "/cases/{$case->number}/proof")->filter('#live')->text(),
        );
        $lots = array_chunk(\array_slice(iterator_to_array(StandInStand::of('gear')->run(2.0), false), 1), 100);
        foreach ($lots as $lot) {
            self::assertSame(201, $this->sent(implode('', $lot))[0]);
        }
        self::assertSame(
            [201, 1200],
            [$this->sent(implode('', $lots[11]))[0], self::em()->getRepository(LiveRun::class)->findOneBy([])?->rowCount],
            'sent twice, counted once',
        );
        foreach (["5,40,70,50,1500\n" => 'step back in time', "200,x,70,50,1500\n" => '“x” is no number'] as $rows => $says) {
            [$status, $said] = $this->sent($rows);
            self::assertSame(422, $status);
            self::assertStringContainsString($says, stripslashes((string) json_encode(json_decode($said), \JSON_UNESCAPED_UNICODE)));
        }
        $live = $this->browser->request('GET', "/cases/{$case->number}/run");
        self::assertSame(4, $live->filter('.strip svg.drawn')->count());
        self::assertStringContainsString('As the build lets expect.', $live->text());
        self::assertSame(1, $live->filter('.band')->count());
        self::assertSame(303, $this->act($case, 'run/end', [], 'proof'));
        $kept = self::em()->getRepository(StandRecording::class)->findOneBy([]) ?? self::fail('It is not kept.');
        self::assertSame([1200, 'Stand 1', true], [$kept->rowCount, $kept->stand, $kept->judged()?->passed]);
        ob_start();
        $this->browser->request('GET', "/recordings/{$kept->id}.csv");
        ob_end_clean();
        self::assertSame(self::HEAD.implode('', array_merge(...$lots)), $this->browser->getInternalResponse()->getContent());
        self::assertSame(0, self::em()->getRepository(LiveRun::class)->count([]));
        $this->browser->request('GET', "/cases/{$case->number}/run");
        self::assertResponseHeaderSame('HX-Refresh', 'true');
    }

    public function testAStandRecordsOneCaseAtATimeAndAnEmptyRunLeavesNothing(): void
    {
        $case = $this->running();
        $this->act($case, 'run', ['stand' => 'Stand 1'], 'proof');
        $other = $this->aCase('PP-2');
        self::assertSame(409, $this->act($other, 'run', ['stand' => 'Stand 1'], 'proof'));
        self::assertStringContainsString($case->number, $this->said());
        self::assertSame(422, $this->act($other, 'run', ['stand' => 'Stand 9'], 'proof'));
        self::em()->persist(new TestStand('Stand 2'));
        self::em()->flush();
        self::assertSame(409, $this->act($case, 'run', ['stand' => 'Stand 2'], 'proof'));
        self::assertSame(303, $this->act($case, 'run/end', [], 'proof'));
        self::assertStringContainsString('Nothing came from the stand', $this->browser->followRedirect()->text());
        self::assertSame(
            [0, 0],
            [self::em()->getRepository(LiveRun::class)->count([]), self::em()->getRepository(StandRecording::class)->count([])],
        );
    }

    public function testAStandIsEnteredWithWhatItDoesNotKnowAndItsTokenIsShownOnce(): void
    {
        $this->signIn(Role::Bench);
        $post = fn (string $path, array $fields): int => (function () use ($path, $fields): int {
            $this->browser->request('POST', $path, ['_token' => $this->token('/stands')] + $fields);

            return $this->browser->getResponse()->getStatusCode();
        })();
        self::assertSame(422, $post('/stands', ['name' => 'Stand 2', 'flow' => '0.4 bar', 'pressure' => '1 bar']));
        self::assertStringContainsString('value="0.4 bar"', (string) $this->browser->getResponse()->getContent(), 'what was typed stays');
        self::assertSame(0, self::em()->getRepository(TestStand::class)->count([]));
        self::assertSame(303, $post('/stands', ['name' => 'Stand 2', 'flow' => '0.4 L/min', 'temperature' => '1 K']));
        self::assertSame(422, $post('/stands', ['name' => 'Stand 2']));
        self::assertStringContainsString('a stand of this name already', $this->said());
        $stand = self::em()->getRepository(TestStand::class)->findOneBy([]) ?? self::fail('It is not kept.');
        self::assertSame(200, $post('/stands/'.$stand->id.'/token', []));
        self::assertSame(1, preg_match('/shown this once.*?([0-9a-f]{40})/s', $this->said(), $m));
        self::assertSame(409, $this->sent("0,40,70,50,1500\n", $m[1] ?? '')[0], 'known, but nobody records');
        self::assertSame(303, $post('/stands/'.$stand->id, ['name' => 'Stand 2, 45 kW', 'flow' => '0.3 L/min']));
        self::assertSame(
            ['flow' => '0.3 L/min'],
            self::em()->getRepository(TestStand::class)->findOneBy(['name' => 'Stand 2, 45 kW'])?->expanded,
        );
    }

    public function testAValueUnderItsLimitIsNotPassed(): void
    {
        $case = $this->running();
        foreach (['filled', 'by-hand', 'direction', 'coupled', 'guard'] as $ready) {
            self::assertSame(303, $this->act($case, 'proof/book-'.$ready, ['outcome' => 'passed', 'words' => 'right'], 'proof'));
        }
        // 28.7 cc times 1500 rpm is 43.05 L/min; 36 of it are 84 %.
        $typed = ['outcome' => 'passed', 'read' => ['36.0 L/min'], 'speed' => ['1500 rpm'], 'stand' => 'Stand 1'];
        self::assertSame(422, $this->act($case, 'proof/book-flow', $typed, 'proof'));
        self::assertStringContainsString('83.6 %, at least 92 %', $this->said());
        self::assertStringContainsString('value="36.0 L/min"', (string) $this->browser->getResponse()->getContent());
        self::assertSame(303, $this->act($case, 'proof/book-flow', ['outcome' => 'missed'] + $typed, 'proof'));
        $missed = self::em()->getRepository(ProofRecord::class)->findOneBy(['outcome' => 'missed']) ?? self::fail('It is not kept.');
        self::assertSame(['Stand 1', 'outside'], [$missed->stand, $missed->readings[0]['verdict'] ?? '']);
        self::assertSame(303, $this->act($case, 'proof/book-flow', ['read' => ['41.0 L/min']] + $typed, 'proof'));
    }
}
