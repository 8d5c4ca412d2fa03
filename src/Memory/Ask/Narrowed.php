<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use Symfony\Component\HttpFoundation\Request;

/** Filters that were tapped, as words of a line. */
final class Narrowed
{
    /** Field of the form => what it becomes; `%s` is what was chosen. */
    private const TERMS = [
        'family' => 'family:%s', 'part' => 'part:%s', 'damage' => 'damage:%s', 'grade' => 'grade>=%s', 'complaint' => 'complaint:%s',
        'when' => 'when:%s', 'origin' => 'origin:%s', 'carries' => 'carries:%s', 'waits' => 'waits:%s', 'claim' => 'claim:%s',
        'customer' => 'customer:%s', 'model' => 'model:%s', 'reading' => 'reading:%s=outside', 'is' => 'is:%s', 'from' => 'taken:%s..',
        'to' => 'taken:..%s', 'hours' => 'hours>=%s', 'cure' => 'cure:%s',
        'repair' => 'repair:%s',
    ];

    public static function line(string $line, Request $request): string
    {
        $words = [trim($line)];
        foreach (self::TERMS as $field => $term) {
            $chosen = trim(str_replace('"', '', $request->query->getString($field)));
            if ('' !== $chosen) {
                $words[] = \sprintf($term, preg_match('/[\s,]/', $chosen) ? '"'.$chosen.'"' : $chosen);
            }
        }

        return trim(implode(' ', $words));
    }
}
