<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Intake\Statement;
use App\Proof\Aftercare\AftercareLink;
use App\Proof\Aftercare\UserAnswer;
use App\Proof\Handover;
use App\Proof\ProofDesk;
use App\Proof\ProofRecord;
use App\Repair\KitTick;
use Japhrex\Core\Quantity\UnitSystem;
use Japhrex\Core\Repair\KitCheck;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** What the user of a unit reads when it is back, and what he answers to how it runs. */
final class AftercareTest extends AppTestCase
{
    private function gone(UnitSystem $units = UnitSystem::Metric): Handover
    {
        $case = $this->aCase('PA-1');
        $bench = $this->person(Role::Bench, 'bench 2');
        $record = new ProofRecord($case, 'book-flow', 'passed', '', $bench);
        $record->readings = [
            [
                'typed' => '40.0 L/min',
                'speed' => '1500 rpm',
                'says' => 'Flow at 100 bar, cold: 40.0 L/min at 1500 rpm is 93 %',
                'verdict' => 'within',
            ],
        ];
        $record->stand = 'Stand 1';
        self::em()->persist($record);
        self::em()->persist(new ProofRecord($case, 'book-guard', 'refused', 'Fleet office: no room. We advise against it.', $bench));
        self::em()->flush();
        $handover = self::service(ProofDesk::class)->draft($this->fresh($case));
        $handover->tell('Level after a day.', 'A whine.', new \DateTimeImmutable('today'), $units);
        self::service(ProofDesk::class)->goOut($handover, 'The stand is not hot enough.', $this->person(Role::Bench, 'bench 2'));

        return $handover;
    }

    private function link(Handover $handover): string
    {
        return self::service(AftercareLink::class)->of($handover);
    }

    public function testHeReadsWhatWasDoneWhatWasRefusedAndWhatHeHasToDo(): void
    {
        $link = $this->link($this->gone());
        $page = $this->browser->request('GET', $link)->text();
        foreach ([
            'Two gears turn in a close housing', 'Done by test bench 2', 'Read on Stand 1', 'Flow at 100 bar, cold: 40 L/min at 1500 rpm',
            'no room. We advise against it.', 'The stand is not hot enough.', 'Tank drained to the last drop', 'A whine.',
        ] as $told) {
            self::assertStringContainsString($told, $page);
        }
        $this->browser->request('GET', $link.'0');
        self::assertSame(403, $this->browser->getResponse()->getStatusCode(), 'a link that was changed opens nothing');
    }

    public function testWhatTheBookAlwaysRenewsIsToldAsNewOnceItWasTicked(): void
    {
        $handover = $this->gone();
        $hand = $this->person(Role::Bench, 'kit hand');
        self::em()->persist(new KitTick($handover->case, 'shaft-seal', KitCheck::USED, '', $hand));
        self::em()->persist(new KitTick($handover->case, 'shaft-key', 'left', 'the old one has no step', $hand));
        self::em()->flush();
        $page = $this->browser->request('GET', $this->link($handover))->text();
        self::assertStringContainsString('New: shaft seal.', $page);
        self::assertStringNotContainsString('shaft key', $page, 'it lay in the kit and stayed there');
    }

    public function testHeReadsItInHisUnits(): void
    {
        // 40 L/min are 40 / 3.785412 = 10.567 gallons a minute.
        self::assertStringContainsString(
            'cold: 10.57 gal/min at 1500 rpm',
            $this->browser->request('GET', $this->link($this->gone(UnitSystem::Inch)))->text(),
        );
    }

    public function testWhatHeAnswersComesBackToTheCase(): void
    {
        $handover = $this->gone();
        $link = $this->link($handover);
        foreach ([
            [['name' => 'Skipper'], 'Tick one'], [['says' => 'but', 'name' => 'Skipper'], 'A few words are enough'],
            [['says' => 'well'], 'Your name'],
        ] as [$typed, $wrong]) {
            $this->browser->request('POST', $link, $typed);
            self::assertSame(422, $this->browser->getResponse()->getStatusCode());
            self::assertStringContainsString($wrong, $this->said());
        }
        $broken = new UploadedFile(__FILE__, 'leak.jpg', error: \UPLOAD_ERR_PARTIAL, test: true);
        $this->browser->request('POST', $link, ['says' => 'well', 'words' => 'see it', 'name' => 'Skipper'], ['photo' => $broken]);
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('the transfer broke off', $this->said());
        self::assertStringContainsString('Ask how', $this->floor(), 'his day has come');
        $this->browser->request('POST', $link, ['says' => 'but', 'leaks' => 'yes', 'words' => 'a drop a day', 'name' => 'Skipper']);
        self::assertSame(303, $this->browser->getResponse()->getStatusCode());
        $answer = self::em()->getRepository(UserAnswer::class)->findOneBy([]) ?? self::fail('It is not kept.');
        self::assertSame('It runs, but: it leaks; a drop a day.', $answer->inWords());
        $said = self::em()->getRepository(Statement::class)->findOneBy(['who' => 'Skipper, user']) ?? self::fail('It is no statement.');
        self::assertStringContainsString('a drop a day', $said->words);
        $this->signIn(Role::Analyst);
        $proof = $this->browser->request('GET', "/cases/{$handover->case->number}/proof")->filter('#handover')->text();
        self::assertStringContainsString('Skipper, ', $proof);
        self::assertStringContainsString('it leaks; a drop a day', $proof);
        $this->browser->request('POST', $link, ['says' => 'well', 'name' => 'Skipper']);
        self::assertStringNotContainsString('Ask how', $this->floor(), 'who says that it runs well is not asked');
    }

    private function floor(): string
    {
        $this->signIn(Role::Desk);

        return $this->browser->request('GET', '/')->text();
    }
}
