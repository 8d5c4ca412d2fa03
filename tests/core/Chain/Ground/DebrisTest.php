<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Analysis;
use Japhrex\Core\Chain\Ground\CarrierPlaces;
use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Grounding;
use Japhrex\Core\Chain\Ground\LookFact;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Family\Book;
use Japhrex\Tests\Books;
use PHPUnit\Framework\TestCase;

/** What debris is made of says which part it left, and where it lies which way it went. */
final class DebrisTest extends TestCase
{
    private static function book(string $key): Book
    {
        return Books::book($key);
    }

    /** @param list<DebrisKind> $made */
    private static function strainer(array $made): Ground
    {
        $mechanisms = Books::mechanisms();
        $looks = [
            new LookFact(part: 'suction-strainer', surface: 'mesh', mode: 'debris', grade: 3, made: $made),
            new LookFact('front-block', 'face', 'scoring', 3),
        ];

        return (
            new Grounding(
                self::book('external-gear-pump'),
                Books::modes(),
                $mechanisms->mechanisms,
                $mechanisms->vocabulary,
            )
        )->ground(new Facts($looks, [], []));
    }

    /** @param list<DebrisKind> $made */
    private static function dirt(array $made): float
    {
        return (Analysis::of(self::strainer($made))->theory('origin:dirt-let-in') ?? self::fail('no such origin'))->posterior;
    }

    public function testSandCameFromOutsideAndSteelDidNot(): void
    {
        self::assertGreaterThan(self::dirt([]), self::dirt([DebrisKind::Sand]));
        self::assertLessThan(self::dirt([]), self::dirt([DebrisKind::Steel]), 'it holds no sand');
    }

    public function testWhatIsNotInItIsAFindToo(): void
    {
        $seen = self::strainer([DebrisKind::Bronze])->seen;
        self::assertSame(
            [0.0002, 1.0],
            [$seen['damage:debris-bronze@suction-strainer']->ifFalse, $seen['damage:debris-bronze@suction-strainer']->ifTrue],
        );
        self::assertLessThan(1.0, $seen['damage:debris-sand@suction-strainer']->ifTrue);
        self::assertSame(1.0, $seen['damage:debris-sand@suction-strainer']->ifFalse);
        self::assertArrayNotHasKey('damage:debris-sand@suction-strainer', self::strainer([])->seen, 'where nobody told, nothing is said');
    }

    public function testTheGreyPasteOfOrdinaryWearIsNoEvidenceOfDebrisThatCuts(): void
    {
        self::assertArrayNotHasKey('damage:debris@suction-strainer', self::strainer([DebrisKind::Paste])->seen);
        self::assertArrayHasKey('damage:debris@suction-strainer', self::strainer([DebrisKind::Paste, DebrisKind::Sand])->seen);
    }

    public function testMagnetsHoldSteelAndFiltersTheRest(): void
    {
        $places = new CarrierPlaces(self::book('hydrostatic-transaxle'));
        self::assertSame(['magnet'], $places->catches('gear-train', true), 'what the gears shed falls to the floor');
        self::assertNotContains('magnet', $places->catches('gear-train', false));
        self::assertContains('oil-filter', $places->catches('magnet', false), 'the suction filter comes after the magnet');
        self::assertNotContains('filter-ring', $places->catches('magnet', false), 'a ring holds no debris');
    }

    public function testKindsAreKeptOnceAndInOneOrder(): void
    {
        self::assertSame([DebrisKind::Steel, DebrisKind::Sand], DebrisKind::of(['sand', 'steel', 'sand', 'gravel']));
        self::assertSame('steel flakes or needles, sand or grit', DebrisKind::words([DebrisKind::Steel, DebrisKind::Sand]));
        self::assertNull(DebrisKind::Paste->condition());
    }
}
