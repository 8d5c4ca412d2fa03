<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Memory;

use Japhrex\Core\Memory\Ask\Ask;
use Japhrex\Core\Memory\Ask\AskError;
use Japhrex\Core\Memory\Ask\AskMeasures;
use Japhrex\Core\Memory\Ask\AskReader;
use Japhrex\Core\Memory\Ask\AskWords;
use Japhrex\Core\Memory\Ask\Between;
use Japhrex\Core\Memory\Ask\Contains;
use Japhrex\Core\Memory\Ask\Found;
use Japhrex\Core\Memory\Ask\Keyed;
use Japhrex\Core\Memory\Ask\Read;
use Japhrex\Core\Memory\Ask\Term;
use Japhrex\Core\Memory\Ask\Written;
use Japhrex\Core\Quantity\Dimension;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A line is read by the words of the books, says how it was understood, and says where it cannot be read. */
final class AskTest extends TestCase
{
    private static function read(string $line): Ask
    {
        $words = new AskWords([
            'family' => ['external-gear-pump' => ['External gear pump'], 'stacked-gear-pump' => ['Stacked gear pump'],
                'roller-pump' => ['Roller pump']],
            'part' => ['front-block' => ['Front block'], 'rear-block' => ['Rear block'], 'shaft-seal' => ['Shaft seal', 'lip seal']],
            'surface' => ['face' => ['Face'], 'bore' => ['Bore']],
            'damage' => ['scoring' => ['Scoring', 'scored', 'grooved'], 'fracture' => ['Fracture', 'broken']],
            'reading' => ['side-clearance' => ['Side clearance']],
            'complaint' => ['low-flow' => ['Low flow'], 'noise' => ['Noise']],
            'origin' => ['dirt-let-in' => ['Dirt let in']],
        ]);

        $measures = new AskMeasures(['side-clearance' => Dimension::Length]);

        return (new AskReader($words, new \DateTimeImmutable('2026-11-30'), $measures))->read($line);
    }

    public function testTheQuestionOfTheTradeIsOneLine(): void
    {
        $ask = self::read('gear-pump block scored>=3 customer:"cable ferry" 2025..');
        self::assertSame(
            ['external gear pump or stacked gear pump', 'front block or rear block: scoring, grade 3 or more',
                'customer has “cable ferry”', 'taken in since 2025'],
            array_map(static fn (Term $one): string => $one->says, $ask->terms),
        );
        [$family, $find, $customer, $taken] = array_map(static fn (Term $one): object => $one->is, $ask->terms);
        self::assertInstanceOf(Keyed::class, $family);
        self::assertSame(['external-gear-pump', 'stacked-gear-pump'], $family->keys);
        self::assertEquals(new Found(['front-block', 'rear-block'], [], ['scoring'], 3, 4), $find);
        self::assertInstanceOf(Contains::class, $customer);
        self::assertInstanceOf(Between::class, $taken);
        self::assertSame(['2025-01-01', null], [$taken->from, $taken->to]);
        self::assertSame('gear-pump block scored>=3 customer:"cable ferry" 2025..', $ask->line(), 'the address holds it as it was typed');
        self::assertSame('gear-pump customer:"cable ferry" 2025..', $ask->without(1));
        self::assertSame('gear-pump "block scored>=3" customer:"cable ferry" 2025..', $ask->asWords(1));
    }

    public function testTwoDamagesAreTwoFinds(): void
    {
        $finds = array_map(static fn (Term $one): object => $one->is, self::read('front block bore scored rear-block broken')->terms);
        self::assertEquals([new Found(['front-block'], ['bore'], ['scoring']), new Found(['rear-block'], [], ['fracture'])], $finds);
        self::assertEquals([new Found([], [], ['scoring'], 3, 3)], [self::read('scored=3')->terms[0]->is]);
        self::assertEquals([new Found(['front-block'], [], [], 2, 2)], [self::read('front-block grade:2')->terms[0]->is]);
        self::assertSame('front block looked at and clean', self::read('front-block grade:0')->terms[0]->says);
        self::assertEquals([new Found(['shaft-seal'], [], [], 0, 0)], [self::read('clean:"lip seal"')->terms[0]->is]);
    }

    public function testWhatTheBooksDoNotKnowIsAWordThatSomebodyWrote(): void
    {
        self::assertEquals(new Written([], ['cocoa']), self::read('cocoa')->terms[0]->is);
        $grooved = new Written([], ['grooved', 'scoring', 'scored']);
        self::assertEquals($grooved, self::read('"grooved"')->terms[0]->is, 'with other words for it');
        self::assertEquals(new Written(['complaint', 'statement'], ['ran dry']), self::read('says:"ran dry"')->terms[0]->is);
        self::assertTrue(self::read('-cocoa')->terms[0]->not);
        $alone = self::read('ice block')->terms[1]->is;
        self::assertInstanceOf(Written::class, $alone, 'a part that stands alone, as people say it, is a word');
        self::assertInstanceOf(Found::class, self::read('front-block')->terms[0]->is, 'by its key it is a find');
        self::assertEquals(new Written([], ['bore']), self::read('bore')->terms[0]->is, 'a face is told beside a part');
    }

    /** @return iterable<string, array{string, float|string|null, float|string|null}> */
    public static function bounds(): iterable
    {
        yield 'a year' => ['2025..2025', '2025-01-01', '2026-01-01'];
        yield 'months' => ['taken:2025-11..2026-02', '2025-11-01', '2026-03-01'];
        yield 'a day' => ['signed:2024-02-29', '2024-02-29', '2024-03-01'];
        yield 'until' => ['..2024', null, '2025-01-01'];
        yield 'the last year' => ['last:year', '2025-11-30', null];
        yield 'ninety days' => ['last:90days', '2026-09-01', null];
        yield 'hours' => ['hours:500..2000', 500.0, 2000.0];
        yield 'money, in cents' => ['offered>=1500', 150000.0, null];
    }

    #[DataProvider('bounds')]
    public function testDaysAndNumbersHaveTheirBoundsIn(string $line, float|string|null $from, float|string|null $to): void
    {
        $is = self::read($line)->terms[0]->is;
        self::assertInstanceOf(Between::class, $is);
        self::assertSame([$from, $to], [$is->from, $is->to]);
    }

    public function testAReadingIsAskedByItsVerdictOrItsSize(): void
    {
        self::assertEquals(new Read(['side-clearance'], 'outside'), self::read('reading:side-clearance=outside')->terms[0]->is);
        self::assertEquals(new Read(['side-clearance'], 'outside'), self::read('side-clearance:outside')->terms[0]->is);
        self::assertEquals(new Read(['side-clearance'], null, 0.12e-3, null, true), self::read('side-clearance>0.12mm')->terms[0]->is);
        self::assertEquals(new Read([], 'outside'), self::read('reading:any=outside')->terms[0]->is);
    }

    /** @return iterable<string, array{string, int, string}> line, where it cannot be read, and what is said */
    public static function unread(): iterable
    {
        yield 'a quotation mark' => ['noise customer:"cable', 15, 'not closed'];
        yield 'a twenty-fifth word' => [str_repeat('x ', 24).'y', 48, 'At most 24 words'];
        yield 'a field' => ['block colour:red', 6, 'Nothing is asked by “colour”'];
        yield 'a word of a field' => ['damage:scorin', 0, 'scoring'];
        yield 'a choice' => ['noise stage:garage', 6, 'one of intake, strip'];
        yield 'no damage' => ['scored=0', 0, 'damage of grade 0 is none'];
        yield 'a grade' => ['scored>=7', 0, '0 (none), 1, 2, 3 or 4'];
        yield 'nothing' => ['customer:', 0, 'has to follow'];
        yield 'a day' => ['taken:2025-13', 0, 'a year, a month or a day'];
        yield 'backwards' => ['2026..2025', 0, 'ends before it begins'];
        yield 'two stages' => ['stage:strip stage:signed', 12, 'cannot both be'];
        yield 'two years' => ['..2024 taken:2025..', 7, 'cannot both be'];
        yield 'open and closed' => ['is:open is:closed', 8, 'cannot both be'];
        yield 'and not' => ['noise -noise', 6, 'cannot both be'];
        yield 'no size' => ['side-clearance>0.12', 0, 'unit'];
        yield 'no comparing' => ['customer>=3', 0, 'not more or less'];
    }

    #[DataProvider('unread')]
    public function testWhatCannotBeReadSaysWhereAndWhatWouldBeRight(string $line, int $at, string $said): void
    {
        try {
            self::read($line);
            self::fail('It was read.');
        } catch (AskError $error) {
            self::assertSame($at, $error->at);
            self::assertStringContainsString($said, $error->getMessage());
        }
    }
}
