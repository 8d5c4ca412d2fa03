<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Platform\ShopError;
use League\Flysystem\FileAttributes;
use League\Flysystem\FilesystemException;
use League\Flysystem\FilesystemOperator;

/**
 * Files that arrive in pieces over a bad connection. The pieces lie in the store until the file is whole, each under where it begins, so
 * that each may come by another machine of the shop.
 */
final readonly class PartialUploads
{
    public const AREA = 'uploads';

    /** What one person or phone may have under way: so many files, and so many of the largest. */
    private const FILES = 400;
    private const LARGEST = 10;

    public function __construct(private FilesystemOperator $files, private int $largestClip, private CurrentPerson $who)
    {
    }

    /** How many bytes are here already, without a gap. */
    public function length(string $id): int
    {
        return self::reach($this->underWay()[self::known($id)] ?? []);
    }

    /**
     * Takes a piece and says how many bytes are here now; a piece that was here already, or that leaves a gap, changes nothing.
     *
     * @param resource $piece
     *
     * @throws ShopError if there is no room or it grows too large
     */
    public function append(string $id, int $offset, $piece): int
    {
        $underWay = $this->underWay();
        $here = self::reach($underWay[self::known($id)] ?? []);
        unset($underWay[$id]);
        if ($here !== $offset) {
            return $here;
        }
        if (\count($underWay) >= self::FILES || array_sum(array_map(array_sum(...), $underWay)) > self::LARGEST * $this->largestClip) {
            throw new ShopError(
                'Too much is under way from here already. Let it arrive, or wait: what nobody finishes is given up after a week.',
                429,
            );
        }
        $draft = tmpfile() ?: throw self::full();
        $bytes = stream_copy_to_stream($piece, $draft, $this->largestClip + 1 - $offset);
        if (false === $bytes || !fflush($draft)) {
            throw self::full();
        }
        if ($offset + $bytes > $this->largestClip) {
            throw new ShopError(\sprintf('The file is larger than %d MB.', intdiv($this->largestClip, 1_000_000)), 413);
        }
        if ($bytes > 0) {
            rewind($draft);
            try {
                $this->files->writeStream(\sprintf('%s/%012d', $this->folder($id), $offset), $draft);
            } catch (FilesystemException $error) {
                throw self::full($error);
            }
        }

        return $offset + $bytes;
    }

    /**
     * @return string a file of all pieces together; whoever drops the upload removes it
     *
     * @throws ShopError if it is not whole
     */
    public function whole(string $id, int $bytes): string
    {
        $pieces = $this->underWay()[self::known($id)] ?? [];
        if (self::reach($pieces) !== $bytes || 0 === $bytes) {
            throw new ShopError(\sprintf('Of this file %d of %d bytes are here; send the rest first.', self::reach($pieces), $bytes), 409);
        }
        $whole = fopen($this->together($id), 'w') ?: throw self::full();
        foreach ($pieces as $offset => $size) {
            $copied = stream_copy_to_stream($this->files->readStream(\sprintf('%s/%012d', $this->folder($id), $offset)), $whole);
            if ($copied !== $size) {
                throw self::full();
            }
        }
        fclose($whole);

        return $this->together($id);
    }

    public function drop(string $id): void
    {
        $this->files->deleteDirectory($this->folder($id));
        @unlink($this->together($id));
    }

    /** @return array<string, array<int, int>> bytes of each piece by where it begins, in order, by upload */
    private function underWay(): array
    {
        $underWay = [];
        foreach ($this->files->listContents($this->owner(), true) as $entry) {
            if ($entry instanceof FileAttributes && 1 === preg_match('~/([0-9a-f-]{36})/(\d{12})$~', $entry->path(), $found)) {
                $underWay[$found[1]][(int) $found[2]] = $entry->fileSize() ?? $this->files->fileSize($entry->path());
            }
        }

        return array_map(static function (array $pieces): array {
            ksort($pieces);

            return $pieces;
        }, $underWay);
    }

    /** @param array<int, int> $pieces */
    private static function reach(array $pieces): int
    {
        $reach = 0;
        foreach ($pieces as $offset => $size) {
            $reach = $offset === $reach ? $reach + $size : $reach;
        }

        return $reach;
    }

    private static function known(string $id): string
    {
        return 1 === preg_match('/^[0-9a-f-]{36}$/', $id) ? $id : throw new ShopError('That is no name of an upload.', 404);
    }

    private function folder(string $id): string
    {
        return $this->owner().'/'.self::known($id);
    }

    /** Whose it is begins its name: nobody adds to, or takes, what another sends. */
    private function owner(): string
    {
        return self::AREA.'/'.substr(hash('sha256', $this->who->actor()->getUserIdentifier()), 0, 16);
    }

    private function together(string $id): string
    {
        return sys_get_temp_dir().'/japhrex-'.substr(hash('sha256', $this->folder($id)), 0, 16);
    }

    private static function full(?\Throwable $previous = null): ShopError
    {
        return new ShopError("The server's disk took no more. What was sent so far is kept; it is tried again.", 507, $previous);
    }
}
