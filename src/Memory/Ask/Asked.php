<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Memory\Repository\AskRepository;
use Japhrex\Core\Memory\Ask\Ask;
use Japhrex\Core\Memory\Ask\AskError;

/** What was asked, and what the cases answer. */
final readonly class Asked
{
    /**
     * @param Ask|null $ask null: it cannot be read, see `error`
     * @param list<CaseRow> $rows of this page
     * @param bool $isNear is nothing written exactly so, and these are near it?
     * @param array<string, list<Facet>> $facets
     * @param int $waiting so many cases have changed and are not remembered yet
     */
    public function __construct(
        public string $line,
        public ?Ask $ask,
        public ?AskError $error,
        public AskSort $sort,
        public array $rows = [],
        public int $count = 0,
        public int $page = 1,
        public int $pages = 1,
        public bool $isNear = false,
        public array $facets = [],
        public int $waiting = 0,
    ) {
    }

    /** Are there so many that only of the newest it is told into what they part? */
    public function isPartedInPart(): bool
    {
        return $this->count > AskRepository::PARTED;
    }

    public function isBeyond(): bool
    {
        return $this->page > $this->pages;
    }

    /** @return list<string> the line where it cannot be read: before, there, after */
    public function broken(): array
    {
        return null === $this->error ? [$this->line, '', ''] : [
            mb_substr($this->line, 0, $this->error->at),
            mb_substr($this->line, $this->error->at, $this->error->length),
            mb_substr($this->line, $this->error->at + $this->error->length),
        ];
    }
}
