<?php

declare(strict_types=1);

namespace App\Shop\Backup;

/** What a backup has taken. */
final readonly class BackupMade
{
    /**
     * @param int $new files that no earlier backup there had
     * @param list<string> $damaged paths of files that are not what they were, and are not in it
     */
    public function __construct(public Manifest $manifest, public int $new, public array $damaged)
    {
    }
}
