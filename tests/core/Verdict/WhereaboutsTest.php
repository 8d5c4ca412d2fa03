<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Verdict;

use Japhrex\Core\Verdict\Whereabouts;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A chain of custody has no gap and goes one way. */
final class WhereaboutsTest extends TestCase
{
    /** @return iterable<string, array{Whereabouts|null, Whereabouts, string|null}> */
    public static function steps(): iterable
    {
        yield 'kept first' => [null, Whereabouts::Kept, null];
        yield 'sent at once' => [null, Whereabouts::Sent, null];
        yield 'moved to another shelf' => [Whereabouts::Kept, Whereabouts::Kept, null];
        yield 'sent, back, scrapped' => [Whereabouts::Sent, Whereabouts::Back, null];
        yield 'scrapped after it came back' => [Whereabouts::Back, Whereabouts::Scrapped, null];
        yield 'scrapped where it was sent' => [Whereabouts::Sent, Whereabouts::Scrapped, null];
        yield 'scrapped without a trace' => [null, Whereabouts::Scrapped, 'First say where it was kept'];
        yield 'out of the scrap' => [Whereabouts::Scrapped, Whereabouts::Kept, 'It was scrapped'];
        yield 'back from nowhere' => [Whereabouts::Kept, Whereabouts::Back, 'Only what was sent out'];
        yield 'sent twice' => [Whereabouts::Sent, Whereabouts::Sent, 'sent out already'];
    }

    #[DataProvider('steps')]
    public function testOneStepFollowsAnother(?Whereabouts $last, Whereabouts $next, ?string $said): void
    {
        $day = new \DateTimeImmutable('2026-05-02');
        $wrong = $next->after($last, null === $last ? null : $day, $day);
        null === $said ? self::assertNull($wrong) : self::assertStringContainsString($said, (string) $wrong);
    }

    public function testNothingHappensBeforeWhatIsWrittenDown(): void
    {
        self::assertStringContainsString(
            'before 2 May 2026',
            (string) Whereabouts::Sent->after(
                Whereabouts::Kept,
                new \DateTimeImmutable('2026-05-02'),
                new \DateTimeImmutable('2026-05-01'),
            ),
        );
    }
}
