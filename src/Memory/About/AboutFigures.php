<?php

declare(strict_types=1);

namespace App\Memory\About;

use Japhrex\Core\Statistics\Proportion;

/** Cases in figures. */
final readonly class AboutFigures
{
    /**
     * @param int $gone went out of the shop
     * @param int $back came in as comebacks
     * @param int $units different serials
     * @param float|null $hours median since new, of those of which it is known
     * @param int|null $offered cents
     * @param int|null $claimed cents
     */
    public function __construct(
        public int $cases,
        public int $open,
        public int $gone,
        public int $back,
        public int $units,
        public ?float $hours,
        public ?int $offered,
        public ?int $claimed,
    ) {
    }

    /** Of the cases, the share that are comebacks, with its bounds; null: there is no case. */
    public function comebacks(): ?Proportion
    {
        return 0 === $this->cases ? null : new Proportion($this->back, $this->cases);
    }
}
