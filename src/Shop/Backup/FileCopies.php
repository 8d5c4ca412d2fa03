<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use League\Flysystem\FileAttributes;
use League\Flysystem\FilesystemOperator;

/** The files of the store, to a backup and back. What is named by its digest and is there already is not even read. */
final readonly class FileCopies
{
    /** Made again when somebody looks, still arriving, half written, or about the backup itself. */
    private const NOT_KEPT = '~^(derived|uploads)/|\.part$|^'.LastBackup::FILE.'$~';

    public function __construct(private FilesystemOperator $store, private Seal $seal)
    {
    }

    /**
     * @param string $folder for what is on its way
     *
     * @throws BackupError
     */
    public function copy(BackupPlace $place, string $folder): CopiedFiles
    {
        $there = $place->objects();
        $files = $damaged = [];
        $new = 0;
        foreach ($this->store->listContents('', true) as $entry) {
            $path = $entry->path();
            if (!$entry instanceof FileAttributes || 1 === preg_match(self::NOT_KEPT, $path)) {
                continue;
            }
            $named = 1 === preg_match('~/([0-9a-f]{64})$~', $path, $found) ? $found[1] : '';
            if (isset($there[$named])) {
                $files[$path] = new KeptFile($named, $entry->fileSize() ?? $this->store->fileSize($path));
                continue;
            }
            file_put_contents($plain = $folder.'/plain', $this->store->readStream($path));
            $sha256 = (string) hash_file('sha256', $plain);
            if ('' !== $named && $named !== $sha256) {
                $damaged[] = $path;
                continue;
            }
            $files[$path] = new KeptFile($sha256, (int) filesize($plain));
            if (!isset($there[$sha256])) {
                $this->seal->file($plain, $sealed = $folder.'/'.$sha256);
                $place->putObject($sha256, $sealed);
                unlink($sealed);
                $there[$sha256] = true;
                ++$new;
            }
        }
        ksort($files);

        return new CopiedFiles($files, $new, $damaged);
    }

    public function isEmpty(): bool
    {
        foreach ($this->store->listContents('', true) as $entry) {
            if ($entry->isFile()) {
                return false;
            }
        }

        return true;
    }

    /**
     * Puts a file of a backup into its place in the store.
     *
     * @param string $key file with the private key
     *
     * @throws BackupError where it is not what was put there
     */
    public function putBack(BackupPlace $place, string $path, KeptFile $file, string $key, string $folder): void
    {
        $stream = fopen($this->open($place, $file->sha256, $key, $folder), 'r');
        if (false === $stream) {
            throw BackupError::failed($path, 'it cannot be read');
        }
        $this->store->writeStream($path, $stream);
        if (\is_resource($stream)) {
            fclose($stream);
        }
    }

    /**
     * @return string file that holds it, opened and checked
     *
     * @throws BackupError
     */
    public function open(BackupPlace $place, string $sha256, string $key, string $folder): string
    {
        [$sealed, $plain] = [$folder.'/sealed', $folder.'/opened'];
        array_map(unlink(...), array_filter([$sealed, $plain], is_file(...)));
        $place->fetchObject($sha256, $sealed);
        $this->seal->open($sealed, $plain, $key);
        if (hash_file('sha256', $plain) !== $sha256) {
            throw BackupError::damaged($sha256);
        }

        return $plain;
    }
}
