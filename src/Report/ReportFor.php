<?php

declare(strict_types=1);

namespace App\Report;

/**
 * Whose copy of a report it is. Nothing is written anew for anybody: what does not concern them is left out of the words that
 * were signed, between marks such as `<!--not supplier-->` and `<!--/not-->`.
 */
enum ReportFor: string
{
    case Whole = 'whole';
    case Customer = 'customer';
    case Supplier = 'supplier';

    public function label(): string
    {
        return match ($this) {
            self::Whole => 'the whole report',
            self::Customer => 'for the customer',
            self::Supplier => 'for the supplier',
        };
    }

    /** What is left out, as the copy itself says it. */
    public function leavesOut(): string
    {
        return match ($this) {
            self::Whole => '',
            self::Customer => 'the readings one by one, figures, what was felt, heard or smelt, known weak places of the type, what the '
                .'engine weighed, where the parts are, photos that no step of the chain shows, and the digests of the files',
            self::Supplier => 'who the customer is and what was said by whom, what the engine weighed, whether the wear explains the '
                .'complaint, the warranties, and what becomes of the parts',
        };
    }

    /** @param string $html as it was signed, or as it would be */
    public function of(string $html): string
    {
        return (string) preg_replace_callback(
            '~<!--not ([a-z ]+)-->(.*?)<!--/not-->~s',
            fn (array $found): string => \in_array($this->value, explode(' ', $found[1]), true) ? '' : $found[2],
            $html,
        );
    }

    /** Can parts of it be left out? Reports that were signed before have no marks: of those there is the whole alone. */
    public static function isOffered(string $html): bool
    {
        return str_contains($html, '<!--not ');
    }
}
