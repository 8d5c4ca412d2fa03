<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use App\Platform\StoreAdapter;
use League\Flysystem\Filesystem;
use League\Flysystem\FilesystemException;

/**
 * Where backups lie: a folder or a bucket. Files of the store stand once in `objects/` under their digest; each backup has a folder
 * of its time with the dump, the secret and the manifest.
 */
final readonly class BackupPlace
{
    public const STAMP = 'Ymd\THis\Z';

    private Filesystem $files;

    public function __construct(public string $where)
    {
        $this->files = new Filesystem(StoreAdapter::of($where), ['retain_visibility' => false]);
    }

    public static function stamp(\DateTimeImmutable $at): string
    {
        return $at->setTimezone(new \DateTimeZone('UTC'))->format(self::STAMP);
    }

    /** @return array<string, true> digests of what is there */
    public function objects(): array
    {
        $there = [];
        foreach ($this->files->listContents('objects', true) as $entry) {
            if ($entry->isFile() && 1 === preg_match('~/([0-9a-f]{64})\.age$~', $entry->path(), $found)) {
                $there[$found[1]] = true;
            }
        }

        return $there;
    }

    public function putObject(string $sha256, string $sealed): void
    {
        $this->put(self::object($sha256), $sealed);
    }

    public function putInto(\DateTimeImmutable $at, string $name, string $sealed): void
    {
        $this->put(self::stamp($at).'/'.$name, $sealed);
    }

    public function putManifest(Manifest $manifest): void
    {
        $this->files->write(self::stamp($manifest->at).'/manifest.json', $manifest->toJson());
    }

    /**
     * @param string $to file that gets what is there, sealed as it is
     *
     * @throws BackupError
     */
    public function fetchObject(string $sha256, string $to): void
    {
        $this->fetch(self::object($sha256), $to);
    }

    /** @throws BackupError */
    public function fetchFrom(\DateTimeImmutable $at, string $name, string $to): void
    {
        $this->fetch(self::stamp($at).'/'.$name, $to);
    }

    /** @return list<\DateTimeImmutable> of the whole ones, the newest first */
    public function made(): array
    {
        $made = [];
        foreach ($this->files->listContents('', false) as $entry) {
            $at = \DateTimeImmutable::createFromFormat('!'.self::STAMP, basename($entry->path()), new \DateTimeZone('UTC'));
            if (false !== $at && $entry->isDir() && $this->files->fileExists($entry->path().'/manifest.json')) {
                $made[] = $at;
            }
        }
        usort($made, static fn (\DateTimeImmutable $a, \DateTimeImmutable $b): int => $b <=> $a);

        return $made;
    }

    /**
     * @param string $stamp of one of them; empty: the newest
     *
     * @throws BackupError
     */
    public function manifest(string $stamp = ''): Manifest
    {
        $made = $this->made();
        if ([] === $made) {
            throw BackupError::none($this->where);
        }
        $at = '' === $stamp
            ? $made[0]
            : (array_values(array_filter($made, static fn (\DateTimeImmutable $one): bool => self::stamp($one) === $stamp))[0]
                ?? throw BackupError::noneAt($stamp, $this->where));
        $file = self::stamp($at).'/manifest.json';

        return Manifest::fromJson($this->files->read($file), $this->where.'/'.$file);
    }

    /** Lets go of what no rule keeps, and of what broke off: first the backups, then what only they had. */
    public function prune(): void
    {
        $made = $this->made();
        $kept = KeepRule::kept($made);
        $wanted = [];
        foreach ($kept as $at) {
            foreach ($this->manifest(self::stamp($at))->files as $file) {
                $wanted[$file->sha256] = true;
            }
        }
        foreach ($made as $at) {
            if (!\in_array($at, $kept, false)) {
                $this->files->delete(self::stamp($at).'/manifest.json');
            }
        }
        foreach ($this->files->listContents('', false) as $entry) {
            $isOurs = 1 === preg_match('/^\d{8}T\d{6}Z$/', basename($entry->path()));
            if ($entry->isDir() && $isOurs && !$this->files->fileExists($entry->path().'/manifest.json')) {
                $this->files->deleteDirectory($entry->path());
            }
        }
        foreach (array_diff_key($this->objects(), $wanted) as $sha256 => $there) {
            $this->files->delete(self::object((string) $sha256));
        }
    }

    private static function object(string $sha256): string
    {
        return \sprintf('objects/%s/%s.age', substr($sha256, 0, 2), $sha256);
    }

    private function put(string $path, string $file): void
    {
        $stream = fopen($file, 'r');
        if (false === $stream) {
            throw BackupError::failed($path, 'what was sealed cannot be read');
        }
        try {
            $this->files->writeStream($path, $stream);
        } catch (FilesystemException $error) {
            throw BackupError::failed('The backup is not whole', $error->getMessage());
        } finally {
            if (\is_resource($stream)) {
                fclose($stream);
            }
        }
    }

    private function fetch(string $path, string $to): void
    {
        try {
            if (false === file_put_contents($to, $this->files->readStream($path))) {
                throw BackupError::failed($to, 'the disk took only part of it');
            }
        } catch (FilesystemException $error) {
            throw BackupError::failed($path, $error->getMessage());
        }
    }
}
