<?php

declare(strict_types=1);

namespace App\Platform;

use League\Flysystem\FilesystemException;
use League\Flysystem\FilesystemOperator;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Files kept under the hash of what they hold: written once, never changed; the store has each whole or not at all. */
final readonly class StoredFiles
{
    public function __construct(private FilesystemOperator $files)
    {
    }

    /**
     * The SHA-256 of a file in hex, by OpenSSL: three times as quick as PHP's own, at the price of the file in memory.
     *
     * @throws ShopError if it cannot be read
     */
    public static function sha256(string $file): string
    {
        $bytes = file_get_contents($file);
        if (false === $bytes) {
            throw new ShopError('The file could not be read on the server. Send it again.', 503);
        }

        return (string) openssl_digest($bytes, 'sha256');
    }

    /**
     * Stores a file unchanged and returns its SHA-256 in hex. Storing the same bytes again does nothing.
     *
     * @param string|null $hash if it is known already
     *
     * @throws ShopError if it cannot be stored whole
     */
    public function keep(string $area, string $file, ?string $hash = null): string
    {
        $hash ??= self::sha256($file);
        $path = $this->path($area, $hash);
        try {
            if ($this->files->fileExists($path) && $this->files->fileSize($path) === filesize($file)) {
                return $hash;
            }
            $stream = fopen($file, 'r');
            if (false === $stream) {
                throw new ShopError('The file could not be read on the server. Send it again.', 503);
            }
            try {
                $this->files->writeStream($path, $stream);
            } finally {
                if (\is_resource($stream)) {
                    fclose($stream);
                }
            }
        } catch (FilesystemException $error) {
            throw $this->full($error);
        }

        return $hash;
    }

    /** @throws ShopError if the store does not answer: that says nothing about what it holds */
    public function has(string $area, string $hash): bool
    {
        try {
            return $this->files->fileExists($this->path($area, $hash));
        } catch (FilesystemException $error) {
            throw new ShopError(
                'The store does not answer. Nothing is lost; look whether its server and the line to it are up, then try again.',
                503,
                $error,
            );
        }
    }

    /** The SHA-256 of what is stored there now. */
    public function hashOf(string $area, string $hash): string
    {
        $context = hash_init('sha256');
        hash_update_stream($context, $this->open($area, $hash));

        return hash_final($context);
    }

    /** @return iterable<int, string> all hashes that something is stored under */
    public function hashes(string $area): iterable
    {
        foreach ($this->files->listContents($area, true) as $entry) {
            if ($entry->isFile() && 1 === preg_match('~/([0-9a-f]{64})$~', $entry->path(), $found)) {
                yield $found[1];
            }
        }
    }

    /** @return resource */
    public function open(string $area, string $hash)
    {
        try {
            return $this->files->readStream($this->path($area, $hash));
        } catch (FilesystemException $error) {
            throw new ShopError(
                'The file is not in the store any more. Tell whoever looks after the server; the record of it is still here.',
                404,
                $error,
            );
        }
    }

    /** What is wrong with a stored file: missing, damaged, or null: nothing. */
    public function state(string $area, string $hash): ?string
    {
        return !$this->has($area, $hash) ? 'missing' : ($this->hashOf($area, $hash) === $hash ? null : 'damaged');
    }

    /**
     * Sends a stored file, shown or saved under a name.
     *
     * @throws ShopError if it is not what it was: a damaged file is never sent as if it were whole
     */
    public function send(string $area, string $hash, string $type, string $name, bool $save = false): StreamedResponse
    {
        if ('damaged' === $this->state($area, $hash)) {
            throw new ShopError(
                'This file is not what it was: it does not fit the digest that it was kept under. Tell whoever looks after the '
                    .'server; it has to come from the backup.',
                410,
            );
        }
        $stream = $this->open($area, $hash);

        return new StreamedResponse(static function () use ($stream): void {
            fpassthru($stream);
            fclose($stream);
        }, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition(
                $save ? HeaderUtils::DISPOSITION_ATTACHMENT : HeaderUtils::DISPOSITION_INLINE,
                $name,
            ),
        ]);
    }

    /** Copies a stored file to a temporary one, for programs that want a path. The caller removes it. */
    public function copyOut(string $area, string $hash): string
    {
        $temporary = tempnam(sys_get_temp_dir(), 'japhrex');
        if (false === $temporary || false === file_put_contents($temporary, $this->open($area, $hash))) {
            throw $this->full();
        }

        return $temporary;
    }

    private function path(string $area, string $hash): string
    {
        return \sprintf('%s/%s/%s', $area, substr($hash, 0, 2), $hash);
    }

    private function full(?\Throwable $previous = null): ShopError
    {
        return new ShopError(
            'The store took no more: this file was not stored. Nothing else is lost; keep it on the phone or card, make room on '
                .'the server, and send it again.',
            507,
            $previous,
        );
    }
}
