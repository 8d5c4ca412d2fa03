<?php

declare(strict_types=1);

namespace App\Platform;

use League\Flysystem\Config;
use League\Flysystem\FilesystemException;
use League\Flysystem\Local\LocalFilesystemAdapter;
use League\Flysystem\UnableToWriteFile;
use Symfony\Component\Process\Process;

/**
 * A folder in which a file stands whole or not at all, as in a bucket: written beside its place, then moved there. What is
 * acknowledged is on the disk, name and all, unless it can be made again.
 */
final class WholeFiles extends LocalFilesystemAdapter
{
    private const MADE_AGAIN = 'derived/';

    public function __construct(private readonly string $folder)
    {
        parent::__construct($folder);
    }

    public function writeStream(string $path, $contents, Config $config): void
    {
        $draft = $path.'.'.bin2hex(random_bytes(4)).'.part';
        $bytes = fstat($contents)['size'] ?? 0;
        $matters = !str_starts_with($path, self::MADE_AGAIN);
        try {
            parent::writeStream($draft, $contents, $config);
            if ($bytes > 0 && $this->fileSize($draft)->fileSize() !== $bytes) {
                throw UnableToWriteFile::atLocation($path, 'the disk took only part of it');
            }
            if ($matters) {
                $this->toDisk($draft, $path);
            }
            $this->move($draft, $path, $config);
            if ($matters) {
                $this->nameToDisk($path);
            }
        } catch (FilesystemException $error) {
            $this->delete($draft);
            throw $error;
        }
    }

    private function toDisk(string $draft, string $path): void
    {
        $file = fopen($this->folder.'/'.$draft, 'r+');
        if (false === $file || !fsync($file)) {
            throw UnableToWriteFile::atLocation($path, 'the disk did not say that it has it');
        }
        fclose($file);
    }

    /** PHP opens no folder; the program `sync` does. */
    private function nameToDisk(string $path): void
    {
        $folders = [];
        for ($at = \dirname($path); '.' !== $at && '' !== $at; $at = \dirname($at)) {
            $folders[] = $this->folder.'/'.$at;
        }
        $sync = new Process(['sync', ...$folders, $this->folder]);
        if (0 !== $sync->run()) {
            throw UnableToWriteFile::atLocation($path, 'the disk did not say that it has its name');
        }
    }
}
