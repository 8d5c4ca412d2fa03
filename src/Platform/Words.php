<?php

declare(strict_types=1);

namespace App\Platform;

/** What somebody typed, without the blanks around it. */
final class Words
{
    /** @param int $most letters; what is beyond them is cut off */
    public static function of(string $typed, int $most): string
    {
        return mb_substr(trim($typed), 0, $most);
    }
}
