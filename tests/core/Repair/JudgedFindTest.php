<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Repair;

use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Repair\BoundByLimits;
use Japhrex\Core\Repair\JudgedFind;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A chip in a plate: scrap in a work circuit, harmless in a cooler's. And one limit for partners that run side by side. */
final class JudgedFindTest extends TestCase
{
    /** @param array<mixed> $roller what is changed of the roller pump's parts */
    private static function book(string $file, array $roller = []): Book
    {
        $content = Books::told($file);

        return (new BookFactory())->book([] === $roller ? $content : array_replace_recursive($content, ['parts' => $roller]));
    }

    private static function chip(int $grade, string $duty, ?string $surface = 'face', string $mode = 'fracture'): ?JudgedFind
    {
        $book = self::book('stacked-gear-pump');

        $dividers = $book->part('dividers') ?? self::fail('No dividers.');

        return JudgedFind::of($book, $dividers, 'f1', $mode, 'Fracture', $grade, $surface, $duty);
    }

    /** @return iterable<string, array{int, string, bool}> */
    public static function chips(): iterable
    {
        yield 'slight, where bearings hang on it' => [1, 'pressure', false];
        yield 'slight, where oil only comes back' => [1, 'scavenge', true];
        yield 'as much as is accepted there' => [2, 'scavenge', true];
        yield 'more than is accepted there' => [3, 'scavenge', false];
        yield 'nobody has told what it has to do' => [1, '', false];
    }

    #[DataProvider('chips')]
    public function testTheSameChipIsAcceptedInOneDutyAndNotInAnother(int $grade, string $duty, bool $accepted): void
    {
        $find = self::chip($grade, $duty) ?? self::fail('It is judged by duty.');
        self::assertSame($accepted, $find->isAccepted());
        $part = self::book('stacked-gear-pump')->part('dividers');
        self::assertInstanceOf(Part::class, $part);
        $bound = BoundByLimits::of($part, [], [$find]);
        self::assertSame($accepted, [] === $bound->needsReason(), 'what is not accepted goes back in only with a reason');
        self::assertNull($bound->against(Disposition::Replace, []));
        self::assertNull($bound->against(Disposition::CleanUp, []), 'dressed, it is no chip any more');
        self::assertNull($bound->against(Disposition::Reuse, ['found/f1' => $find->says()]), 'with the reason given it may');
    }

    public function testItSaysWhyInTheWordsOfTheDuty(): void
    {
        self::assertSame(
            'fracture of grade 1 is not accepted for the duty "pressure stage that feeds bearings", however slight: '
                .'a chip lets pressure over into the next stage',
            self::chip(1, 'pressure')?->says(),
        );
        self::assertStringContainsString('up to grade 2 is', self::chip(3, 'scavenge')?->says() ?? '');
        self::assertStringContainsString('nobody has told', self::chip(1, '')?->says() ?? '');
    }

    public function testDamageThatTheBookDoesNotJudgeByDutyIsLeftToTheAnalyst(): void
    {
        self::assertNull(self::chip(4, 'pressure', 'bush'));
        self::assertNull(self::chip(4, 'pressure', 'face', 'corrosion'));
    }

    public function testWhatIsAcceptedInAnyDutyNeedsNoneToBeTold(): void
    {
        $book = self::book('roller-pump', ['rotor' => ['accepts' => [['mode' => 'fracture', 'up-to' => 1, 'why' => 'It seals nothing.']]]]);
        $find = JudgedFind::of($book, $book->part('rotor') ?? self::fail('No rotor.'), 'f1', 'fracture', 'Fracture', 1, null, '');
        self::assertTrue($find?->isAccepted());
        self::assertSame('fracture of grade 1 is accepted in any duty: it seals nothing', $find->says());
    }

    public function testPartnersThatRunSideBySideShareOneSmallestSize(): void
    {
        $book = self::book('roller-pump');
        $rotor = $book->field('rotor/width');
        self::assertEqualsWithDelta(0.03305, $rotor?->limits()->min->si ?? 0.0, 1e-9, 'the rollers’');
        self::assertEqualsWithDelta(0.03340, $rotor?->limits()->new->si ?? 0.0, 1e-9, 'its own when new');
        self::assertSame(['rollers/length'], $rotor?->sharedWith);
        self::assertSame(['rotor/width'], $book->field('rollers/length')?->sharedWith);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function wrong(): iterable
    {
        yield 'a partner that is none' => [['limit-of' => 'rollers/width'], 'there is no reading "rollers/width" with a limit of its own'];
        yield 'a limit of its own besides' => [['min' => '33 mm'], 'takes the limit of its partner, and has one of its own'];
    }

    /** @param array<string, string> $changed */
    #[DataProvider('wrong')]
    public function testALimitThatIsSharedWithNobodyIsRefused(array $changed, string $says): void
    {
        $this->expectException(BookError::class);
        $this->expectExceptionMessage($says);
        self::book('roller-pump', ['rotor' => ['readings' => ['width' => $changed]]]);
    }
}
