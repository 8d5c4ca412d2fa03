<?php

declare(strict_types=1);

namespace Japhrex\Tests\core;

use PHPUnit\Framework\TestCase;

/** The core works out the same from the same: it opens no file, looks at no clock, draws no lots of its own. */
final class CoreIsHandedEverythingTest extends TestCase
{
    /** What a rule would reach the world by. Seeded chance (`Random\Engine\Mt19937`) is handed in by its seed. */
    private const OUTSIDE = '/^(f(open|ile|ile_.*|write|puts|read|gets)|readfile|glob|scandir|opendir'
        .'|is_(file|dir|readable)|unlink|rename|mkdir'
        .'|tempnam|tmpfile|time|date|gmdate|getdate|localtime|microtime|hrtime|strtotime|date_create.*|sleep|usleep'
        .'|rand|random_.*|mt_s?rand|s?rand|shuffle|str_shuffle|array_rand|uniqid|lcg_value'
        .'|getenv|putenv|exec|shell_exec|system|passthru|proc_open'
        .'|curl_.*|stream_.*|fsockopen|mail|header|setcookie|session_.*|ini_set|error_log|apcu_.*)$/';

    public function testNothingOfTheWorldIsReachedFor(): void
    {
        $found = [];
        $folder = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator(\dirname(__DIR__, 2).'/core', \FilesystemIterator::SKIP_DOTS)
        );
        /** @var \SplFileInfo $file */
        foreach ($folder as $file) {
            $tokens = array_values(array_filter(
                \PhpToken::tokenize((string) file_get_contents($file->getPathname())),
                static fn (\PhpToken $one): bool => !$one->isIgnorable(),
            ));
            foreach ($tokens as $i => $token) {
                $before = $tokens[$i - 1] ?? null;
                $called = '(' === ($tokens[$i + 1]->text ?? '') && $token->is([\T_STRING, \T_NAME_FULLY_QUALIFIED])
                    && !$before?->is([\T_OBJECT_OPERATOR, \T_NULLSAFE_OBJECT_OPERATOR, \T_DOUBLE_COLON, \T_FUNCTION, \T_NEW]);
                $now = '(' === ($tokens[$i + 1]->text ?? '')
                    && ')' === ($tokens[$i + 2]->text ?? '')
                    && 1 === preg_match('/^.?DateTime/', $token->text);
                if (($called && 1 === preg_match(self::OUTSIDE, ltrim($token->text, '\\'))) || ($now && $before?->is(\T_NEW))) {
                    $found[] = \sprintf('%s:%d %s', $file->getPathname(), $token->line, $token->text);
                }
            }
        }
        self::assertSame([], $found, 'what the core needs is handed to it');
    }
}
