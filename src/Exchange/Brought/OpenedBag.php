<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

/** A bag that was found whole, its files lying in a folder of work. */
final readonly class OpenedBag
{
    /**
     * @param array<string, string> $info elements of bag-info.txt, but for when it was packed and how much it holds
     * @param array<string, string> $files where each lies now, by path in the bag, below data/
     * @param array<string, string> $digests SHA-256 of each by the same path
     */
    public function __construct(
        public AboutCase $about,
        public array $info,
        public array $files,
        public array $digests,
        public int $bytes,
    ) {
    }

    /** Over all that it holds, whenever it was packed. */
    public function digest(): string
    {
        $digests = $this->digests;
        ksort($digests);

        return hash('sha256', json_encode([$digests, $this->info], \JSON_THROW_ON_ERROR));
    }
}
