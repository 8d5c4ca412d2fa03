<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\Filesystem\Filesystem;

/** A folder of its own for a piece of work; it is gone when the work is done, or has failed. */
final class WorkFolder
{
    /** @param \Closure(string): void $work what is done in it */
    public static function during(\Closure $work): void
    {
        $folder = sys_get_temp_dir().'/japhrex-'.bin2hex(random_bytes(8));
        $files = new Filesystem();
        try {
            $files->mkdir($folder);
            $work($folder);
        } finally {
            $files->remove($folder);
        }
    }
}
