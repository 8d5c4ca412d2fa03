<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Platform\ShopError;

/** Files that arrive in pieces over a bad connection: each piece is appended where the last one ended. */
final readonly class PartialUploads
{
    /** What nobody finished in this time is given up, seconds. */
    private const GIVEN_UP = 7 * 86400;

    /** What one person or phone may have under way: so many files, and so many of the largest. */
    private const FILES = 400;
    private const LARGEST = 10;

    public function __construct(private string $uploadFolder, private int $largestClip, private CurrentPerson $who)
    {
    }

    /** How many bytes are here already. */
    public function length(string $id): int
    {
        clearstatcache(true, $this->path($id));

        return is_file($this->path($id)) ? (int) filesize($this->path($id)) : 0;
    }

    /**
     * Appends a piece and says how many bytes are here now; a piece that was here already, or that leaves a gap, changes nothing.
     *
     * @param resource $piece
     *
     * @throws ShopError if there is no room or it grows too large
     */
    public function append(string $id, int $offset, $piece): int
    {
        is_dir($this->uploadFolder) || @mkdir($this->uploadFolder, 0777, true);
        $this->sweep();
        $this->mustFit($id);
        $file = @fopen($this->path($id), 'c');
        if (false === $file || !flock($file, \LOCK_EX)) {
            throw new ShopError("The server's disk took no more. What was sent so far is kept; it is tried again.", 507);
        }
        try {
            fseek($file, 0, \SEEK_END);
            if (ftell($file) !== $offset) {
                return (int) ftell($file);
            }
            $written = stream_copy_to_stream($piece, $file, $this->largestClip + 1 - $offset);
            if (false === $written || !fflush($file)) {
                ftruncate($file, max(0, $offset));
                throw new ShopError("The server's disk took no more. What was sent so far is kept; it is tried again.", 507);
            }
            if ($offset + $written > $this->largestClip) {
                throw new ShopError(\sprintf('The file is larger than %d MB.', intdiv($this->largestClip, 1_000_000)), 413);
            }

            return $offset + $written;
        } finally {
            fclose($file);
        }
    }

    /** @throws ShopError if it is not whole */
    public function whole(string $id, int $bytes): string
    {
        if ($this->length($id) !== $bytes || 0 === $bytes) {
            throw new ShopError(\sprintf('Of this file %d of %d bytes are here; send the rest first.', $this->length($id), $bytes), 409);
        }

        return $this->path($id);
    }

    public function drop(string $id): void
    {
        @unlink($this->path($id));
    }

    private function path(string $id): string
    {
        if (1 !== preg_match('/^[0-9a-f-]{36}$/', $id)) {
            throw new ShopError('That is no name of an upload.', 404);
        }

        return $this->uploadFolder.'/'.$this->owner().$id;
    }

    /** Whose it is begins its name: nobody adds to, or takes, what another sends. */
    private function owner(): string
    {
        return substr(hash('sha256', $this->who->actor()->getUserIdentifier()), 0, 16).'.';
    }

    private function mustFit(string $id): void
    {
        $others = array_filter(
            glob($this->uploadFolder.'/'.$this->owner().'*') ?: [],
            fn (string $file): bool => $file !== $this->path($id),
        );
        $bytes = array_sum(array_map(static fn (string $file): int => (int) @filesize($file), $others));
        if (\count($others) >= self::FILES || $bytes > self::LARGEST * $this->largestClip) {
            throw new ShopError(
                'Too much is under way from here already. Let it arrive, or wait: what nobody finishes is given up after a week.',
                429,
            );
        }
    }

    private function sweep(): void
    {
        foreach (glob($this->uploadFolder.'/*') ?: [] as $old) {
            if (time() - (int) @filemtime($old) > self::GIVEN_UP) {
                @unlink($old);
            }
        }
    }
}
