<?php

declare(strict_types=1);

namespace App\Platform;

use League\Flysystem\Config;
use League\Flysystem\FilesystemException;
use League\Flysystem\Local\LocalFilesystemAdapter;
use League\Flysystem\UnableToWriteFile;

/** A folder in which a file stands whole or not at all, as in a bucket: written beside its place, then moved there. */
final class WholeFiles extends LocalFilesystemAdapter
{
    public function writeStream(string $path, $contents, Config $config): void
    {
        $draft = $path.'.'.bin2hex(random_bytes(4)).'.part';
        $bytes = fstat($contents)['size'] ?? 0;
        try {
            parent::writeStream($draft, $contents, $config);
            if ($bytes > 0 && $this->fileSize($draft)->fileSize() !== $bytes) {
                throw UnableToWriteFile::atLocation($path, 'the disk took only part of it');
            }
            $this->move($draft, $path, $config);
        } catch (FilesystemException $error) {
            $this->delete($draft);
            throw $error;
        }
    }
}
