<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use League\Flysystem\FilesystemException;
use League\Flysystem\FilesystemOperator;

use function Symfony\Component\Clock\now;

/** When the last whole backup was made. It stands in the store, where every machine of the shop reads it. */
final readonly class LastBackup
{
    public const FILE = 'backed-up.json';

    /** A shop that makes one every night has one younger than this. */
    private const TOO_LONG = '-36 hours';

    public function __construct(private FilesystemOperator $files)
    {
    }

    public function note(\DateTimeImmutable $at, string $where): void
    {
        $place = (string) preg_replace('~://[^@/]*@~', '://', $where);
        $this->files->write(self::FILE, json_encode(['at' => $at->format(\DATE_ATOM), 'where' => $place], \JSON_THROW_ON_ERROR));
    }

    public function at(): ?\DateTimeImmutable
    {
        try {
            $said = $this->files->fileExists(self::FILE) ? json_decode($this->files->read(self::FILE), true) : null;
        } catch (FilesystemException) {
            return null;
        }

        return \is_array($said) && \is_string($said['at'] ?? null) ? new \DateTimeImmutable($said['at']) : null;
    }

    /** @param \DateTimeImmutable|null $at when it was made; null: none was */
    public static function isTooOld(?\DateTimeImmutable $at): bool
    {
        return null === $at || $at < now(self::TOO_LONG);
    }
}
