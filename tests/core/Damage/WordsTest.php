<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Damage;

use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Damage\Feel;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Damage\Grade;
use Japhrex\Core\Damage\MarkShape;
use Japhrex\Core\Damage\Sense;
use Japhrex\Core\Family\CarrierKind;
use Japhrex\Core\Teardown\FastenerCondition;
use Japhrex\Core\Teardown\StepState;
use Japhrex\Core\Verdict\Responsibility;
use PHPUnit\Framework\TestCase;

final class WordsTest extends TestCase
{
    public function testEveryChoiceHasItsOwnWords(): void
    {
        foreach (
            [
                NodeKind::class, OriginKind::class, Disposition::class, Feel::class, FindingKind::class,
                MarkShape::class, Sense::class, CarrierKind::class, FastenerCondition::class, Responsibility::class,
            ] as $enum
        ) {
            $labels = array_map(static fn ($case): string => $case->label(), $enum::cases());
            self::assertSame(array_unique($labels), $labels, $enum);
            self::assertNotContains('', $labels, $enum);
        }
        self::assertSame(
            ['none', 'light', 'moderate', 'heavy', 'destroyed'],
            array_map(static fn (Grade $grade): string => $grade->word(), Grade::cases()),
        );
    }

    public function testTheNailDecidesWhatIsMeasured(): void
    {
        self::assertFalse(Feel::Glides->asksForMeasuring());
        self::assertTrue(Feel::Felt->asksForMeasuring());
        self::assertTrue(Feel::PickStops->asksForMeasuring());
    }

    public function testOnlyDamageAsksForACause(): void
    {
        self::assertSame(
            [FindingKind::Damage],
            array_values(array_filter(FindingKind::cases(), static fn (FindingKind $kind): bool => $kind->needsACause())),
        );
    }

    public function testWhatStaysInTheUnitAndWhatDoesNot(): void
    {
        self::assertTrue(Disposition::Machine->keepsThePart());
        self::assertFalse(Disposition::Upgrade->keepsThePart());
        self::assertFalse(Disposition::AlwaysReplace->keepsThePart());
    }

    public function testEachSenseGoesFromGoodToBad(): void
    {
        foreach (Sense::cases() as $sense) {
            self::assertGreaterThanOrEqual(4, \count($sense->scale()));
        }
        self::assertSame('none', Sense::Play->scale()[0]);
        self::assertSame('knocks', Sense::Play->scale()[3]);
    }

    public function testOilHasADirectionAndTouchHasNone(): void
    {
        self::assertTrue(CarrierKind::Oil->hasDirection());
        self::assertFalse(CarrierKind::Touch->hasDirection());
        self::assertFalse(CarrierKind::Seal->travels());
        self::assertTrue(CarrierKind::Drive->travels());
    }

    public function testOnlyAStuckStepHoldsUpTheRest(): void
    {
        self::assertTrue(StepState::Skipped->opensTheWay());
        self::assertFalse(StepState::Stuck->opensTheWay());
    }
}
