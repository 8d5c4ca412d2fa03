<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Account\User;
use App\Books\BookShelf;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Chain\Engine\Dispute;
use App\Chain\KeepInChain;
use App\Chain\Refusal;
use App\Chain\Theory;
use App\Evidence\Finding;
use App\Evidence\KeepExample;
use App\Evidence\Mark;
use App\Evidence\MarkPhoto;
use App\Evidence\MeasureInPhoto;
use App\Evidence\PartRecord;
use App\Evidence\Photo;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoMeasure;
use App\Evidence\PhotoStage;
use App\Evidence\RecordFinding;
use App\Evidence\Reference;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;
use App\Intake\Stage;
use App\Intake\TakeIn;
use App\Parts\JudgePart;
use App\Platform\ShopError;
use App\Report\Work\SignWork;
use App\Teardown\RecordStep;
use App\Teardown\StepRecord;
use App\Teardown\StripBench;
use App\Verdict\Warranty\Custody;
use App\Verdict\Warranty\KeepPolicy;
use App\Verdict\Warranty\MovePart;
use App\Verdict\Warranty\ShopPolicy;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Damage\MarkShape;
use Japhrex\Core\Photo\MeasureKind;
use Japhrex\Core\Teardown\StepState;
use Japhrex\Core\Teardown\StepStatus;
use Japhrex\Core\Verdict\Whereabouts;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use Symfony\Component\Security\Core\Authentication\Token\UsernamePasswordToken;

/** A fact has one way in: its rule holds whoever writes it, a page, a phone, an import or the demo. */
final class OneWayInTest extends AppTestCase
{
    private function bench(): User
    {
        return $this->person(Role::Bench);
    }

    /** @param callable(): mixed $do */
    private static function refused(string $says, callable $do): void
    {
        try {
            $do();
        } catch (\DomainException|ShopError $error) {
            self::assertStringContainsString($says, $error->getMessage());

            return;
        }
        self::fail('It was taken: '.$says);
    }

    /** @param class-string $class */
    private static function kept(string $class): int
    {
        return self::em()->getRepository($class)->count([]);
    }

    private function photo(CaseFile $case, ?string $part = 'front-block'): Photo
    {
        $file = \dirname(__DIR__, 2).'/demo/photos/block-scored.jpg';

        return self::service(PhotoIntake::class)->take($file, 'block.jpg', $case, $part, PhotoStage::Cleaned);
    }

    private function step(CaseFile $case, string $step): StepStatus
    {
        return self::service(StripBench::class)->run($case, self::service(BookShelf::class)->book($case->family))->steps[$step];
    }

    public function testAUnitGetsItsNumberAndAComebackItsEarlierCase(): void
    {
        $before = $this->aCase('VG28-1');
        foreach ([true, false] as $comesBack) {
            $case = new CaseFile('', 'external-gear-pump');
            $case->serial = 'vg 28-1';
            self::service(TakeIn::class)($case, $this->bench(), $comesBack);
            self::assertNotSame('', $case->number);
            self::assertSame($this->bench(), $case->holder);
            self::assertSame($comesBack ? $before : null, $case->comebackOf, 'however its serial is written');
            $before = $comesBack ? $case : $before;
        }
    }

    public function testAStepWaitsForThoseThatMustComeOffFirst(): void
    {
        $case = $this->aCase();
        $record = new StepRecord($case, 'gears');
        $record->state = StepState::Done;
        self::refused('waits for', fn () => self::service(RecordStep::class)($record, $this->step($case, 'gears'), true, $this->bench()));
        self::refused('waits for', fn () => RecordStep::mustBeAllowed($this->step($case, 'gears'), StepState::Shut));
        self::refused('can be left shut', fn () => RecordStep::mustBeAllowed($this->step($case, 'outside'), StepState::Shut));
        self::assertSame(0, self::kept(StepRecord::class));
    }

    public function testWhatAStepAsksForIsThereOrIsLeftOutKnowingly(): void
    {
        $case = $this->aCase();
        $this->opened($case);
        $case = $this->fresh($case);
        $take = self::service(RecordStep::class);
        foreach (['outside', 'ports'] as $before) {
            $record = new StepRecord($case, $before);
            $record->state = StepState::Done;
            $take($record, $this->step($case, $before), true, $this->bench());
        }
        self::assertSame(Stage::Strip, $case->stage);
        $record = new StepRecord($case, 'coupling');
        $record->state = StepState::Done;
        $asked = $take($record, $this->step($case, 'coupling'), false, $this->bench());
        self::assertNotSame([], $asked);
        self::assertSame(2, self::kept(StepRecord::class), 'nothing is kept until it is said');
        self::assertSame([], $take($record, $this->step($case, 'coupling'), true, $this->bench()));
        self::assertSame($asked, $record->leftOut);
        self::assertSame('test bench', $record->byWhom);
    }

    public function testADecisionThatALimitSpeaksAgainstNeedsAReason(): void
    {
        $case = $this->aCase();
        $record = new PartRecord($case, 'shaft-seal');
        $record->decide(Disposition::Reuse, 'looks well', '');
        $judge = self::service(JudgePart::class);
        self::assertStringStartsWith('Reuse is refused: it is never reused', (string) $judge->refused($record, '', $this->bench()));
        $record->decide(Disposition::AlwaysReplace, '', '');
        self::assertNull($judge->refused($record, '', $this->bench()));
        $judge->keep($record);
        self::assertSame(Stage::Parts, $case->stage);
    }

    public function testOnlyDamageHasAGradeWhoeverWritesIt(): void
    {
        $finding = new Finding($this->aCase(), 'body');
        $finding->sawDamage('scoring', 3, 'rings', 'gear-bore');
        $finding->lookedClean('gear-bore');
        $finding->grade = 3;
        self::service(RecordFinding::class)($finding, $this->bench());
        self::assertSame(0, $finding->grade);
    }

    public function testAMarkHasTheCornersOfItsShapeAndAGradeOfTheRamp(): void
    {
        $photo = $this->photo($this->aCase());
        $mark = self::service(MarkPhoto::class);
        $who = $this->bench();
        $at = [[0.1, 0.1], [0.4, 0.4]];
        self::refused('A grade is from 0 to 4', static fn () => $mark($photo, MarkShape::Box, $at, 'scoring', 5, '', $who));
        self::refused('A box has two points', static fn () => $mark($photo, MarkShape::Box, [[0.1, 0.1]], 'scoring', 2, '', $who));
        self::assertSame(0, self::kept(Mark::class));
        $mark($photo, MarkShape::Box, $at, 'gremlins', 2, str_repeat('x', 400), $who);
        $kept = self::em()->getRepository(Mark::class)->findOneBy([]) ?? self::fail();
        self::assertSame([null, 300, $who], [$kept->mode, mb_strlen($kept->note), $kept->person()], 'an unknown damage is none');
    }

    public function testNothingIsMeasuredInAPhotoWithoutAScale(): void
    {
        $photo = $this->photo($this->aCase());
        $photo->measureWith(null);
        $line = '[[0.1, 0.1], [0.4, 0.4]]';
        $measure = self::service(MeasureInPhoto::class);
        self::refused('no scale', fn () => $measure($photo, MeasureKind::Length, $line, '[]', '', $this->bench()));
        self::refused('from 0 to 1', fn () => $measure($photo, MeasureKind::Length, '[[2, 0], [0, 0]]', '[]', '', $this->bench()));
        self::assertSame(0, self::kept(PhotoMeasure::class));
    }

    public function testAnExampleShowsAPartAndADamage(): void
    {
        $keep = self::service(KeepExample::class);
        $case = $this->aCase();
        $photo = $this->photo($case, null);
        self::refused('shows a part', fn () => $keep($photo, 2, 'scoring', '', $this->bench()));
        $photo->describe('front-block', PhotoStage::Cleaned, '');
        self::refused('from 0, a good one, to 4', fn () => $keep($photo, 5, 'scoring', '', $this->bench()));
        self::refused('Of which kind of damage', fn () => $keep($photo, 2, 'gremlins', '', $this->bench()));
        $keep($photo, 2, 'scoring', 'rings', $this->bench());
        $keep($photo, 0, 'scoring', 'as new', $this->bench());
        $kept = self::em()->getRepository(Reference::class)->findAll();
        self::assertCount(1, $kept, 'said anew, not twice');
        self::assertSame([0, null, 'as new'], [$kept[0]->grade, $kept[0]->mode, $kept[0]->words], 'a good one shows no damage');
    }

    public function testTwoConditionsAreJoinedOnceAndWhatIsSaidLastCounts(): void
    {
        $case = $this->aCase();
        $analyst = $this->person(Role::Analyst);
        self::service(TokenStorageInterface::class)->setToken(new UsernamePasswordToken($analyst, 'main', $analyst->getRoles()));
        [$cause, $effect] = [new ChainNode($case, NodeKind::State), new ChainNode($case, NodeKind::State)];
        [$cause->name, $effect->name] = ['grains', 'scores'];
        array_map(self::em()->persist(...), [$cause, $effect]);
        self::em()->flush();
        $links = array_map(static function (string $why) use ($case, $cause, $effect): ChainLink {
            $link = new ChainLink($case);
            $link->tie($cause, $effect, 'abrasion', null, $why);

            return $link;
        }, ['first', 'better']);
        array_map(self::service(KeepInChain::class), $links);
        $kept = self::em()->getRepository(ChainLink::class)->findAll();
        self::assertSame([['better', 'test analyst']], array_map(static fn (ChainLink $one): array => [$one->why, $one->byWhom], $kept));
        self::assertSame(Stage::Chain, $case->stage);
    }

    public function testATheoryAndARefusalSayWhy(): void
    {
        $case = $this->aCase();
        $dispute = self::service(Dispute::class);
        $who = $this->person(Role::Analyst);
        self::refused('said in words', static fn () => $dispute->claim($case, '', 'origin:dirt-let-in', $who));
        self::refused('choose one', static fn () => $dispute->claim($case, 'the moon', 'origin:moonlight', $who));
        $theory = $dispute->claim($case, 'dirt', 'origin:dirt-let-in', $who);
        self::refused('Which figure or test', static fn () => $dispute->settle($theory, false, ''));
        $dispute->settle($theory, false, 'the oil is clean');
        self::refused('Why is it refused', static fn () => $dispute->refuse($case, 'origin:overload', 'overload', '', $who));
        $dispute->refuse($case, 'origin:overload', 'overload', 'it ran empty', $who);
        $dispute->refuse($case, 'origin:overload', 'overload', 'once more', $who);
        self::assertSame([1, 1], [self::kept(Theory::class), self::kept(Refusal::class)]);
        self::assertSame('it ran empty', self::em()->getRepository(Refusal::class)->findOneBy([])?->reason);
    }

    /** @return iterable<string, array{string, string, Whereabouts|null, string|null, string}> */
    public static function custodies(): iterable
    {
        yield 'no part of the unit' => ['Which part?', 'wheel', Whereabouts::Kept, 'today', 'shelf'];
        yield 'nothing became of it' => ['What became of it?', 'body', null, 'today', 'shelf'];
        yield 'on no day' => ['On which day?', 'body', Whereabouts::Kept, null, 'shelf'];
        yield 'tomorrow but one' => ['not come yet', 'body', Whereabouts::Kept, 'today +2 days', 'shelf'];
        yield 'nowhere' => ['Where is it?', 'body', Whereabouts::Kept, 'today', ''];
        yield 'back before it was sent' => ['Only what was sent out comes back', 'body', Whereabouts::Back, 'today', 'shelf'];
    }

    #[DataProvider('custodies')]
    public function testWhereAPartIsFollowsFromWhereItWas(string $says, string $part, ?Whereabouts $what, ?string $day, string $place): void
    {
        $case = $this->aCase();
        $day = null === $day ? null : new \DateTimeImmutable($day);
        self::refused($says, fn () => self::service(MovePart::class)($case, $part, $what, $day, $place, $this->bench()));
        self::assertSame(0, self::kept(Custody::class));
    }

    public function testAPolicyThatIsSoundEndsTheOneOfItsName(): void
    {
        $policy = "policy: vintrey-new\nname: Vintrey\nkind: maker\nmaker: Vintrey\neditions:\n"
            ."  - {valid: {from: 2024-01-01}, period: {from: delivery, months: 24}, covers: [parts], notice: 14}\n";
        $keep = self::service(KeepPolicy::class);
        self::assertNotSame([], $keep('policy: vintrey-new', $this->person(Role::Analyst)));
        self::assertSame(0, self::kept(ShopPolicy::class));
        self::assertSame([], $keep($policy, $this->person(Role::Analyst)));
        self::assertSame([], $keep(str_replace('24}', '18}', $policy), $this->person(Role::Analyst)));
        $kept = self::em()->getRepository(ShopPolicy::class)->findBy([], ['id' => 'ASC']);
        self::assertSame([false, true], array_map(static fn (ShopPolicy $one): bool => null === $one->endedAt, $kept));
    }

    public function testWorkThatWasNotDoneIsNotSignedFor(): void
    {
        $case = $this->aCase();
        self::refused('There is no work yet', fn () => self::service(SignWork::class)($case, $this->bench()));
    }

    public function testWhatIsKeptOfACaseIsAskedForOnceUntilSomethingIsWritten(): void
    {
        $case = $this->aCase();
        self::em()->persist($finding = new Finding($case, 'body'));
        $finding->lookedClean(null);
        self::em()->flush();
        $findings = self::service(FindingRepository::class);
        $counts = [\count($findings->ofCase($case))];
        self::em()->getConnection()->executeStatement('DELETE FROM finding WHERE case_id = ?', [(string) $case->id]);
        $counts[] = \count($findings->ofCase($case));
        self::em()->flush();
        $counts[] = \count($findings->ofCase($case));
        self::assertSame([1, 1, 0], $counts, 'whatever is written asks anew');
    }
}
