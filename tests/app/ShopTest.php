<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Chain\Engine\CaseFacts;
use App\Demo\DemoShop;
use App\Evidence\Finding;
use App\Evidence\PartRecord;
use App\Intake\CaseFile;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\CaseFrames;
use App\Measuring\Reading;
use App\Parts\CaseParts;
use App\Parts\Neighbours;
use App\Parts\PartViews;
use App\Teardown\StepRecord;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Teardown\StepState;

final class ShopTest extends AppTestCase
{
    private function frame(CaseFile $case): CaseFrame
    {
        return self::service(CaseFrames::class)->frameOf($case);
    }

    private function parts(CaseFile $case): CaseParts
    {
        return self::service(PartViews::class)->partsOf($case);
    }

    private function looked(CaseFile $case, string $part, FindingKind $kind, int $grade = 0): void
    {
        $finding = new Finding($case, $part);
        [$finding->kind, $finding->grade, $finding->mode] = [$kind, $grade, $grade > 0 ? 'scoring' : null];
        self::em()->persist($finding);
        self::em()->flush();
    }

    public function testANewCaseBeginsAtIntakeWithItsPartsStillInside(): void
    {
        $frame = $this->frame($case = $this->aCase());
        self::assertSame('intake', $frame->stands());
        self::assertSame(12, $frame->walk()['strip']->open);
        self::assertSame(0, $frame->walk()['parts']->open);
        self::assertNull($this->parts($case)->views['body']->grade());
        self::assertSame([], $this->parts($case)->views['body']->open());
        self::assertContains('Body: still in the unit', array_map(static fn ($cell): string => $cell->say(), $frame->wear()));
    }

    public function testAPartThatIsOffShowsItsOpenWork(): void
    {
        $case = $this->aCase();
        $step = new StepRecord($case, 'outside');
        $step->state = StepState::Done;
        self::em()->persist($step);
        self::em()->flush();
        $strainer = $this->parts($case)->views['suction-strainer'];
        self::assertTrue($strainer->isOff);
        self::assertSame(['look at it', 'photo', 'decide'], $strainer->open());
        self::assertTrue($strainer->isNeverReused());
        self::assertSame('suction-strainer', $this->parts($case)->nextOpen());
        self::assertNull($this->parts($case)->nextOpen('suction-strainer'));
    }

    public function testTheWorstFindingOfDamageGivesThePartItsGrade(): void
    {
        $case = $this->aCase();
        $this->looked($case, 'body', FindingKind::Damage, 1);
        $this->looked($case, 'body', FindingKind::Damage, 3);
        $this->looked($case, 'body', FindingKind::OldScar);
        $this->looked($case, 'dowels', FindingKind::Normal);
        $board = $this->parts($case);
        self::assertSame(3, $board->views['body']->grade());
        self::assertSame(0, $board->views['dowels']->grade());
        self::service(\App\Memory\Remember::class)->due();
        $floor = self::service(\App\Memory\Repository\AskRepository::class)->floor((string) $this->person(Role::Viewer)->id, 1);
        [, [$row]] = $floor[$case->stage->value];
        $grades = array_map(static fn ($cell): ?int => $cell->grade, $row->strip);
        self::assertSame([3, 0], array_values(array_filter($grades, static fn (?int $grade): bool => null !== $grade)));
    }

    public function testSurfacesStayOpenUntilTheyAreLookedAt(): void
    {
        $case = $this->aCase();
        $this->looked($case, 'body', FindingKind::Damage, 2);
        self::assertCount(4, $this->parts($case)->views['body']->surfacesOpen());
        $this->looked($case, 'body', FindingKind::Clean);
        self::assertSame([], $this->parts($case)->views['body']->surfacesOpen(), 'the whole part was looked at and found clean');
    }

    public function testReadingsCountAsOpenUntilTaken(): void
    {
        $case = $this->aCase();
        $this->looked($case, 'relief-spring', FindingKind::Clean);
        self::assertSame(1, $this->frame($case)->walk()['readings']->open);
        $reading = new Reading($case, 'relief-spring', 'free-length');
        $reading->typed = ['36.0 mm'];
        self::em()->persist($reading);
        $record = new PartRecord($case, 'relief-spring');
        self::em()->persist($record);
        self::em()->flush();
        $spring = $this->parts($case)->views['relief-spring'];
        self::assertSame(0, $this->frame($case)->walk()['readings']->open);
        self::assertSame(LimitVerdict::Outside, $spring->measured['free-length']->verdict());
        self::assertSame(['photo', 'decide'], $spring->open());
    }

    public function testWhatStandsBesideTheUnitIsLookedAtAndNeverDecided(): void
    {
        $case = $this->aCase();
        $before = \count($this->parts($case)->unseen());
        $this->looked($case, 'suction-hose', FindingKind::Damage, 2);
        $parts = $this->parts($case);
        self::assertSame(['photo'], $parts->views['suction-hose']->open(), 'its owner decides what becomes of it');
        self::assertCount($before, $parts->unseen(), 'it is not among the parts of the unit');
        self::assertArrayNotHasKey('suction-hose', $parts->ofUnit());
        self::assertNotContains('suction-hose', array_column($this->frame($case)->wear(), 'part'));
        $looks = self::service(CaseFacts::class)->factsOf($case)->looks;
        self::assertSame('suction-hose', end($looks)->part ?? null, 'and the engine hears of it');
    }

    public function testNeighboursFollowTheStripOrder(): void
    {
        $board = $this->parts($this->aCase());
        self::assertEquals(new Neighbours(null, 'suction-fitting'), $board->neighbours('suction-strainer'));
        // After the last part comes what stands beside the unit.
        self::assertSame('tank', $board->neighbours('shaft-seal')->next);
        self::assertNull($board->neighbours('return-filter')->next);
    }

    public function testThePasswordOfTheDemoOpensTheDemo(): void
    {
        self::assertSame('ostrey-quay', DemoShop::PASSWORD);
        self::assertStringContainsString(DemoShop::PASSWORD, (string) file_get_contents(\dirname(__DIR__, 2).'/README.md'));
        self::assertStringContainsString(DemoShop::PASSWORD, (string) file_get_contents(\dirname(__DIR__, 2).'/bin/launcher/shop.sh'));
    }
}
