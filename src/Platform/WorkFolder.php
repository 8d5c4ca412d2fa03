<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\Filesystem\Filesystem;

/** A folder of its own for a piece of work; it is gone when the work is done, or has failed. */
final class WorkFolder
{
    /**
     * @template T
     *
     * @param \Closure(string): T $work what is done in it
     *
     * @return T
     */
    public static function during(\Closure $work): mixed
    {
        $folder = sys_get_temp_dir().'/japhrex-'.bin2hex(random_bytes(8));
        $files = new Filesystem();
        try {
            $files->mkdir($folder);

            return $work($folder);
        } finally {
            $files->remove($folder);
        }
    }
}
