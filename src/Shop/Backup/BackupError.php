<?php

declare(strict_types=1);

namespace App\Shop\Backup;

/** A backup that was not made, or that gives nothing back. */
final class BackupError extends \RuntimeException
{
    public static function noKey(string $file): self
    {
        return new self("There is no key to encrypt to in $file. ./japhrex backup makes one the first time, or set JAPHREX_BACKUP_KEYS.");
    }

    public static function none(string $where): self
    {
        return new self("There is no whole backup in $where.");
    }

    public static function noneAt(string $stamp, string $where): self
    {
        return new self("There is no whole backup of $stamp in $where. Leave --at away for the newest, or name one of the list.");
    }

    public static function isAtIt(): self
    {
        return new self('Another machine is making a backup at this moment.');
    }

    public static function failed(string $what, string $why): self
    {
        return new self(trim("$what: $why"));
    }

    public static function damaged(string $what): self
    {
        return new self("$what in the backup is not what was put there: it does not fit its digest. Take an earlier backup with --at.");
    }

    public static function notEmpty(string $what): self
    {
        return new self("$what is not empty. A backup is restored into an empty place only, so that nothing is mixed or overwritten.");
    }

    public static function rows(string $table, int $expected, int $found): self
    {
        return new self("After restoring, $table has $found rows; the backup says $expected.");
    }

    public static function unknown(string $hash): self
    {
        return new self("No backup there has $hash.");
    }
}
