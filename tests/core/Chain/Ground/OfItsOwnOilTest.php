<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Grounding;
use Japhrex\Core\Chain\Ground\Tie;
use Japhrex\Tests\Books;
use PHPUnit\Framework\TestCase;

/** A pump for water has oil nowhere but in its bearings, and a case full of oil has grease nowhere but in its joints. */
final class OfItsOwnOilTest extends TestCase
{
    public function testOldOilIsAMatterOfTheBearingsInAWaterPump(): void
    {
        $led = self::ledTo('origin:old-oil', 'centrifugal-pump');
        self::assertContains('damage:deposits@bracket', $led);
        self::assertContains('damage:scuffing@rear-bearing/race', $led);
        self::assertSame([], preg_grep('~impeller|casing|suction|source~', $led));
    }

    public function testASprayPumpWithGreasedBearingsHasNoOilThatCouldAge(): void
    {
        self::assertArrayNotHasKey('origin:old-oil', self::ground('roller-pump')->spots);
    }

    public function testTooMuchGreaseBurstsTheJointsOfATransferCaseAndHarmsNothingThatRunsInOil(): void
    {
        $led = self::ledTo('origin:over-greased', 'transfer-case');
        self::assertContains('damage:seal-extrusion@propeller-shafts', $led);
        self::assertNotContains('damage:lip-displaced@input-seal', $led);
        self::assertArrayNotHasKey('origin:over-greased', self::ground('external-gear-pump')->spots);
    }

    /** @return list<string> what a rule says it brings about */
    private static function ledTo(string $origin, string $family): array
    {
        return array_map(static fn (Tie $tie): string => $tie->to, self::ground($family)->outOf[$origin] ?? []);
    }

    private static function ground(string $family): Ground
    {
        $book = Books::book($family);
        $mechanisms = Books::mechanisms()->with($book);

        return (new Grounding($book, Books::modes(), $mechanisms->mechanisms, $mechanisms->vocabulary))->ground(new Facts([], [], []));
    }
}
