<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Teardown;

use Japhrex\Core\Teardown\BeforeOpening;
use Japhrex\Core\Teardown\Loosening;
use Japhrex\Core\Teardown\OpeningError;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is said before the first part comes off, and what loosening takes. */
final class BeforeOpeningTest extends TestCase
{
    private const ALL = ['isolated', 'drained', 'emptied'];

    /** @return iterable<string, array{list<string>, string, string, string, string}> */
    public static function unsaid(): iterable
    {
        yield 'not isolated' => [['drained', 'emptied'], '', 'oil', 'gloves', 'Not yet: isolated, locked out and tagged.'];
        yield 'nothing done' => [[], '', 'oil', 'gloves', 'drained, no pressure in it; turned empty by hand'];
        yield 'what is in it' => [self::ALL, '', ' ', 'gloves', 'What is in it?'];
        yield 'how one is safe from it' => [self::ALL, '', 'fuel', '', 'no flame'];
    }

    /** @param list<string> $ticked */
    #[DataProvider('unsaid')]
    public function testItIsNotOpenedBeforeItIsSaid(array $ticked, string $instead, string $liquid, string $precautions, string $says): void
    {
        $this->expectException(OpeningError::class);
        $this->expectExceptionMessage($says);
        BeforeOpening::allow($ticked, $instead, $liquid, $precautions);
    }

    public function testWhatCannotBeDoneIsSaidInstead(): void
    {
        BeforeOpening::allow(self::ALL, '', 'oil', 'gloves');
        BeforeOpening::allow(['isolated', 'drained'], 'It is seized: nothing turns.', 'nobody knows', 'gloves, eyes, no flame');
        $this->addToAssertionCount(2);
    }

    /** Stuck, twice 110 N·m is 220 N·m: at a pull of 300 N a bar of 0.73 m. Twice 180 N·m wants 1.2 m: a second hand. */
    public function testALongBarWantsASecondHand(): void
    {
        $upkeep = static fn (string $key) => Books::book($key)->upkeep;
        $block = Loosening::of($upkeep('axial-piston-pump-single'), 'block')[0];
        self::assertEqualsWithDelta(220 / 300, $block->bar(), 1e-9);
        self::assertFalse($block->wantsAHelper());
        $flange = Loosening::of($upkeep('transfer-case'), 'outside')[0];
        self::assertEqualsWithDelta(1.2, $flange->bar(), 1e-9);
        self::assertTrue($flange->wantsAHelper());
        self::assertSame([], Loosening::of($upkeep('transfer-case'), 'chain'), 'nothing is screwed there');
    }
}
