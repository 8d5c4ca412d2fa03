<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain;

use Japhrex\Core\Chain\PlainWords;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a customer reads, who does not know what a running face is. */
final class PlainWordsTest extends TestCase
{
    private static function words(): PlainWords
    {
        return new PlainWords(Books::book('roller-pump'), Books::modes(), Books::mechanisms()->vocabulary);
    }

    /** @return iterable<string, array{string|null, string, string}> */
    public static function conditions(): iterable
    {
        yield 'damage' => [
            'damage:plastic-deformation@rollers/side',
            'Pushed out of shape, rollers, running side',
            'the rollers got bent or pushed out of shape at the running side',
        ];
        yield 'damage of a part as a whole' => ['damage:fracture@rollers', 'Fracture, rollers', 'the rollers broke'];
        yield 'a state of the oil' => ['state:starved', 'Suction starved', 'too little oil came in'];
        yield 'a state of a part' => ['state:dry@rollers', 'No oil where it runs, rollers', 'the rollers ran without oil'];
        yield 'an origin' => ['origin:dirt-let-in', 'Dirt let in', 'dirt was let in'];
        yield 'an origin that the analyst has put into words' => [
            'origin:dirt-let-in',
            'Dirt let in at the hose change',
            'dirt let in at the hose change',
        ];
        yield 'somebody’s own words' => [null, 'Oil lost through the pinhole', 'oil lost through the pinhole'];
    }

    #[DataProvider('conditions')]
    public function testAConditionIsTold(?string $spot, string $name, string $told): void
    {
        self::assertSame($told, self::words()->say($spot, $name));
    }

    public function testWhatTheBooksHaveNoWordsForIsNull(): void
    {
        self::assertNull(self::words()->ofDamage('gone', 'rollers'));
        self::assertNull(self::words()->ofSpot('not a spot'));
    }
}
