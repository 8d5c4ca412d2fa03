<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Family;

use Japhrex\Core\Family\BookCheck;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\CarrierKind;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Family\PlaceMap;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BookTest extends TestCase
{
    public function testASoundBookHasNoProblems(): void
    {
        self::assertSame([], (new BookCheck())->problems(SmallBook::with()));
    }

    public function testPartsComeInTheOrderInWhichTheyLeaveTheUnit(): void
    {
        self::assertSame(['lid', 'plunger', 'barrel'], array_map(static fn (Part $part): string => $part->key, SmallBook::with()->partsInStripOrder()));
    }

    public function testAPartIsFoundByTheNameThatOthersUse(): void
    {
        self::assertSame('plunger', SmallBook::with()->find('PISTON')[0]->key);
    }

    public function testPlacesAreNamedForAReader(): void
    {
        self::assertSame('Plunger, skirt', SmallBook::with()->placeName('plunger/skirt'));
        self::assertFalse(SmallBook::with()->hasPlace('plunger/joint'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is put in, what is said */
    public static function flaws(): iterable
    {
        yield 'carrier to nowhere' => [['carriers/2/to' => 'barrel/joint'], 'is no part or surface'];
        yield 'part that hangs loose' => [['parts/rope' => ['name' => 'Rope']], 'hangs loose'];
        yield 'part never taken off' => [['strip/2/removes' => []], 'no strip step takes it off'];
        yield 'part taken off twice' => [['strip/2/removes' => ['barrel', 'lid']], 'was taken off by step "lid" already'];
        yield 'step that waits for a later one' => [['strip/0/needs' => ['barrel']], 'stands later'];
        yield 'step that waits for none' => [['strip/1/needs' => ['cover']], 'there is no step "cover"'];
        yield 'trap without its facing' => [['strip/1/facing' => []], 'its facing is recorded'];
        yield 'hidden screw without help' => [['strip/0/stuck' => []], 'what to do when it is stuck'];
        yield 'reading without a limit' => [['parts/plunger/readings/diameter/min' => null], 'does not say why'];
        yield 'limit without a source' => [['parts/plunger/readings/diameter/source' => ''], 'without a source'];
        yield 'never reused, no reason' => [['parts/lid/reuse' => 'never'], 'does not say why'];
        yield 'a sense nobody has' => [['parts/lid/senses' => ['taste']], 'is no sense'];
        yield 'pair with a stranger' => [['pairs/0/parts' => ['plunger', 'rope']], 'there is no part "rope"'];
        yield 'oil that only goes round' => [['carriers/1/to' => 'barrel/bore'], 'only goes round'];
        yield 'no oil' => [['carriers/0/kind' => 'touch', 'carriers/1/kind' => 'touch'], 'no oil'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('flaws')]
    public function testAValidatorThatKnowsTheTradeSeesTheFlaw(array $changes, string $says): void
    {
        $said = implode("\n", array_map(static fn ($problem): string => $problem->message, (new BookCheck())->problems(SmallBook::with($changes))));
        self::assertStringContainsString($says, $said);
    }

    public function testALimitThatIsNoLengthNamesItsPlace(): void
    {
        try {
            SmallBook::with(['parts/plunger/readings/diameter/min' => '29.95 bar']);
            self::fail('A bar is no length.');
        } catch (BookError $error) {
            self::assertSame('parts/plunger/readings/diameter/min', $error->path);
            self::assertStringContainsString('no unit of length', $error->getMessage());
        }
    }

    public function testOilGoesOnThroughTheUnitInItsDirectionOnly(): void
    {
        $map = new PlaceMap(SmallBook::with());
        self::assertTrue($map->joins(CarrierKind::Oil, 'barrel/bore', 'lid'));
        self::assertFalse($map->joins(CarrierKind::Oil, 'lid', 'barrel'));
    }

    public function testTouchWorksBothWaysButNotAcrossAPart(): void
    {
        $map = new PlaceMap(SmallBook::with(['carriers/3' => ['kind' => 'touch', 'from' => 'lid', 'to' => 'barrel']]));
        self::assertTrue($map->joins(CarrierKind::Touch, 'barrel/bore', 'plunger/skirt'));
        self::assertFalse($map->joins(CarrierKind::Touch, 'plunger', 'lid'));
        self::assertSame([CarrierKind::Oil], $map->kindsBetween('plunger', 'lid'));
    }
}
