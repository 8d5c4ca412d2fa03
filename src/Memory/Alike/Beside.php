<?php

declare(strict_types=1);

namespace App\Memory\Alike;

use App\Intake\CaseFile;
use App\Memory\Ask\CaseRow;
use Japhrex\Core\Family\Book;

/** Another case beside the one in hand. */
final readonly class Beside
{
    /**
     * @param CaseRow|null $row as it is remembered; null: it is not yet
     * @param list<BesidePart> $parts that are hurt in either, in the order of the strip
     */
    public function __construct(public CaseFile $other, public Book $otherBook, public ?CaseRow $row, public array $parts)
    {
    }
}
