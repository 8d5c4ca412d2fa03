<?php

declare(strict_types=1);

namespace App\Platform;

/** Guards a small form that is not a Symfony form: what its page showed, what is stored now, what was typed. */
final class Seen
{
    /**
     * Null when it may be saved: nobody changed it meanwhile, or both mean the same.
     *
     * @param string $who who stored what is there now
     */
    public static function conflict(string $seen, string $stored, string $typed, string $who = 'somebody'): ?string
    {
        $plain = static fn (string $text): string => trim(str_replace("\r\n", "\n", $text));
        if ($plain($seen) === $plain($stored) || $plain($typed) === $plain($stored)) {
            return null;
        }

        return \sprintf(
            'Two hands on this: meanwhile %s saved “%s”; you typed “%s”. Nothing is overwritten yet. Save once more to put yours.',
            $who,
            '' === $plain($stored) ? 'nothing' : $stored,
            '' === $plain($typed) ? 'nothing' : $typed,
        );
    }
}
