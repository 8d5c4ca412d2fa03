<?php

declare(strict_types=1);

namespace App\Shop\Backup;

/** The files of the store as they lie in a backup now. */
final readonly class CopiedFiles
{
    /**
     * @param array<string, KeptFile> $files by their path in the store
     * @param int $new files that no earlier backup there had
     * @param list<string> $damaged paths of files that are not what they were
     */
    public function __construct(public array $files, public int $new, public array $damaged)
    {
    }
}
