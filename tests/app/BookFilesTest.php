<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Books\BookFiles;
use App\Books\TextFault;
use PHPUnit\Framework\TestCase;

final class BookFilesTest extends TestCase
{
    private const BOOKS = __DIR__.'/../../books';

    /** @return list<TextFault> */
    private static function check(string $text): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'book');
        file_put_contents($file, $text);
        try {
            return (new BookFiles(self::BOOKS.'/schema'))->problems($file);
        } finally {
            unlink($file);
        }
    }

    public function testTheBooksOnTheShelfAreSound(): void
    {
        foreach (glob(self::BOOKS.'/*.yaml') ?: [] as $file) {
            self::assertSame([], self::check((string) file_get_contents($file)), $file);
        }
    }

    public function testAFlawIsNamedWithItsLine(): void
    {
        $text = (string) file_get_contents(self::BOOKS.'/external-gear-pump.yaml');
        $line = 1 + substr_count((string) strstr($text, "      adjuster:\n        name:", true), "\n");
        $problems = self::check(
            str_replace('no-limit: "The setting', "min: 3 bar\n        source: x\n        how-not: \"The setting", $text)
        );
        self::assertNotSame([], $problems);
        self::assertSame($line, $problems[0]->line);
        $problems = self::check(
            str_replace(
                "to: body/suction-side}\n  - {kind: oil, from: body/suction-side, to: drive-gear",
                "to: body/nowhere}\n  - {kind: oil, from: body/suction-side, to: drive-gear",
                $text,
            )
        );
        self::assertStringContainsString('"body/nowhere" is no part or surface', $problems[0]->message);
        self::assertStringContainsString('from: suction-fitting, to: body/suction-side', explode("\n", $text)[$problems[0]->line - 1]);
    }

    public function testAFileThatIsNoBookIsSaidPlainly(): void
    {
        self::assertStringContainsString('is empty', self::check('')[0]->message);
        self::assertSame(2, self::check("book: a\n  b: [")[0]->line);
    }
}
