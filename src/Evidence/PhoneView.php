<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\CaseFile;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Part;

/** What a phone beside the unit shows of a part, or of the unit as a whole. */
final readonly class PhoneView
{
    /**
     * @param Part|null $part null: the unit as a whole
     * @param list<Photo> $taken of it, the last first
     * @param array<string, int> $count pictures of each part; without a part under ''
     */
    public function __construct(
        public CaseFile $case,
        public Book $book,
        public ?Part $part,
        public ?Part $next,
        public array $taken,
        public array $count,
        public int $clips,
    ) {
    }
}
