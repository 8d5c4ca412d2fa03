<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\LookFact;
use Japhrex\Core\Chain\Ground\ReadingFact;
use Japhrex\Core\Chain\Ground\SenseFact;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Damage\Sense;
use Japhrex\Core\Damage\Sureness;
use Japhrex\Core\Measuring\LimitVerdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What hands, ears and noses found, as the engine hears it. */
final class SenseFactTest extends TestCase
{
    /** @return iterable<string, array{Sense, int, ?LimitVerdict}> */
    public static function wear(): iterable
    {
        yield 'turns evenly: within' => [Sense::Turning, 0, LimitVerdict::Within];
        yield 'heavily may be grease: it says nothing' => [Sense::Turning, 1, null];
        yield 'a notch asks for a gauge' => [Sense::Turning, 2, LimitVerdict::Undecided];
        yield 'it binds' => [Sense::Turning, 3, LimitVerdict::Outside];
        yield 'knocks' => [Sense::Play, 3, LimitVerdict::Outside];
        yield 'a play that is just felt may be that of a new one' => [Sense::Play, 1, null];
        yield 'silent' => [Sense::Sound, 0, LimitVerdict::Within];
    }

    #[DataProvider('wear')]
    public function testWhatIsFeltOfABearingCountsAsItsReadingUntilThereIsOne(Sense $sense, int $grade, ?LimitVerdict $verdict): void
    {
        $fact = SenseFact::of('front-bearing', $sense, $grade);
        self::assertSame($verdict, $fact instanceof ReadingFact ? $fact->verdict : null);
    }

    /** @return iterable<string, array{Sense, int, ?string}> */
    public static function looks(): iterable
    {
        yield 'too hot to hold' => [Sense::Heat, 2, 'overheating'];
        yield 'warmer than its mates is no heat' => [Sense::Heat, 1, null];
        yield 'burnt' => [Sense::Smell, 3, 'overheating'];
        yield 'rubber that cracks' => [Sense::Hardness, 3, 'seal-hardening'];
        yield 'rubber gone soft' => [Sense::Hardness, 4, 'seal-swelling'];
    }

    #[DataProvider('looks')]
    public function testHeatAndRubberAreLooksOfWhichOneIsFairlySure(Sense $sense, int $grade, ?string $mode): void
    {
        $fact = SenseFact::of('pack', $sense, $grade);
        self::assertSame($mode, $fact instanceof LookFact ? $fact->mode : null);
        self::assertTrue(null === $fact || ($fact instanceof LookFact && Sureness::Fairly === $fact->sure));
    }

    public function testWhatIsNormalByDesignOrLooksBadAloneFindsNothingAndAnAidOfAssemblySaysNothing(): void
    {
        foreach ([FindingKind::Clean, FindingKind::Normal, FindingKind::LooksBad, FindingKind::ByDesign] as $kind) {
            self::assertTrue($kind->findsNothing(), $kind->label());
            self::assertFalse($kind->needsACause());
        }
        $others = [FindingKind::AssemblyAid, FindingKind::MadeByUs, FindingKind::OldScar, FindingKind::Damage, FindingKind::Noted];
        foreach ($others as $kind) {
            self::assertFalse($kind->findsNothing(), $kind->label());
        }
        self::assertSame([FindingKind::Damage], array_values(array_filter(
            FindingKind::cases(),
            static fn (FindingKind $kind): bool => $kind->needsACause(),
        )));
    }
}
