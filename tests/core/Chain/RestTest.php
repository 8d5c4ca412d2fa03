<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain;

use Japhrex\Core\Chain\Rest\RestPart;
use Japhrex\Core\Chain\Rest\TheRest;
use Japhrex\Core\Family\Book;
use Japhrex\Tests\Books;
use PHPUnit\Framework\TestCase;

/** What may be called clean in one act, and what may not: on the roller pump, where eight rollers run on rotor, body and end plate. */
final class RestTest extends TestCase
{
    private static function book(): Book
    {
        return Books::book('roller-pump');
    }

    /**
     * @param array<string, array<string, int>> $found
     * @param list<string>|null $among
     */
    private static function rest(array $found, ?array $among = null, RestPart ...$other): TheRest
    {
        $parts = [];
        foreach (self::book()->parts as $key => $part) {
            $parts[$key] = new RestPart($key, true, isset($found[$key]), true);
        }
        foreach ($other as $one) {
            $parts[$one->key] = $one;
        }

        return TheRest::of(self::book(), $parts, $found, $among);
    }

    public function testInAUnitWithoutAFindAllIsCleanByEye(): void
    {
        $rest = self::rest([]);
        self::assertCount(\count(self::book()->partsInStripOrder()), $rest->clean, 'of the unit alone');
        self::assertSame([], $rest->leftOut);
    }

    public function testWhatRunsOnADamagedPartAsksForALookOfItsOwn(): void
    {
        $rest = self::rest(['rollers' => ['scoring' => 1]]);
        foreach (['rotor', 'body', 'end-plate'] as $mate) {
            self::assertContains('runs on the damaged rollers', $rest->leftOut[$mate] ?? [], $mate);
        }
        self::assertContains('bearing-covers', $rest->clean);
        self::assertNotContains('rollers', $rest->clean, 'it has its find');
    }

    public function testScratchesLetNothingGoAndPiecesGoWithTheWater(): void
    {
        self::assertContains('relief', self::rest(['rotor' => ['scoring' => 2]])->clean);
        // Rotor to rollers, round the bore, out past the relief valve.
        $broken = self::rest(['rotor' => ['fracture' => 4]]);
        self::assertContains('lies where debris of the rotor went', $broken->leftOut['relief']);
        // It drives the rotor, and breaks with it.
        self::assertArrayHasKey('shaft', $broken->leftOut);
        self::assertContains('torque-chain', $broken->clean);
    }

    public function testWhatIsToBeMeasuredOrPhotographedIsNamed(): void
    {
        $rest = self::rest(
            [],
            null,
            new RestPart('rotor', true, false, false),
            new RestPart('rollers', true, false, true, 2),
            new RestPart('relief-spring', true, false, true, 0, true),
            new RestPart('front-seal', true, false, true, 0, false, ['a known weak place']),
        );
        self::assertSame(['the book wants a photo: slots; worst one'], $rest->leftOut['rotor']);
        self::assertSame(['the book wants it measured: 2 to take'], $rest->leftOut['rollers']);
        self::assertSame(['a reading is outside its limit, or too near to tell'], $rest->leftOut['relief-spring']);
        self::assertSame(['a known weak place'], $rest->leftOut['front-seal']);
    }

    public function testWhatIsStillInTheUnitOrHasItsWordIsNotSpokenOf(): void
    {
        $rest = self::rest([], ['rotor', 'shaft-key', 'rotor-screws'], new RestPart('rotor', false, false, true), new RestPart(
            'shaft-key', true, true, true,
        ));
        self::assertSame(['rotor-screws'], $rest->clean);
        self::assertSame([], $rest->leftOut);
    }
}
