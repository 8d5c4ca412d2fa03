<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use App\Platform\WorkFolder;

/** Gives a backup back: into an empty database and an empty store, or into a folder. */
final readonly class Restore
{
    public function __construct(private FileCopies $files, private DatabaseCopy $database, private Seal $seal)
    {
    }

    /**
     * @param string $key file with the private key
     * @param string $stamp of which one; empty: the newest
     * @param string $secretTo file that gets the secret of the program
     *
     * @throws BackupError where the place is not empty, or the backup is not whole
     */
    public function into(string $where, string $key, string $stamp, string $secretTo): Manifest
    {
        $place = new BackupPlace($where);
        $manifest = $place->manifest($stamp);
        if (!$this->database->isEmpty()) {
            throw BackupError::notEmpty('The database');
        }
        if (!$this->files->isEmpty()) {
            throw BackupError::notEmpty('The store');
        }
        WorkFolder::during(function (string $folder) use ($place, $manifest, $key, $secretTo): void {
            $this->database->restore($this->openDump($place, $manifest, $key, $folder), $manifest->rows);
            foreach ($manifest->files as $path => $file) {
                $this->files->putBack($place, $path, $file, $key, $folder);
            }
            $this->openSecret($place, $manifest, $key, $folder, $secretTo);
        });

        return $manifest;
    }

    /**
     * Opens everything and compares it with its digests. With a folder, what is opened stays there: `database.dump` for
     * `pg_restore`, `store/`, `secret`.
     *
     * @param string $to folder that does not exist yet; empty: nothing is kept
     *
     * @throws BackupError
     */
    public function check(string $where, string $key, string $stamp, string $to = ''): Manifest
    {
        $place = new BackupPlace($where);
        $manifest = $place->manifest($stamp);
        if ('' !== $to && file_exists($to)) {
            throw BackupError::notEmpty($to);
        }
        WorkFolder::during(function (string $folder) use ($place, $manifest, $key, $to): void {
            $dump = $this->openDump($place, $manifest, $key, $folder);
            $this->keep($dump, $to, 'database.dump');
            $this->openSecret($place, $manifest, $key, $folder, $secret = $folder.'/secret');
            $this->keep($secret, $to, 'secret');
            foreach ($manifest->files as $path => $file) {
                $this->keep($this->files->open($place, $file->sha256, $key, $folder), $to, 'store/'.$path);
            }
        });

        return $manifest;
    }

    /**
     * Puts one file back into the store, from the newest backup that has it.
     *
     * @param string $hash SHA-256 by which the store names it
     *
     * @return list<string> paths in the store that it was put to
     *
     * @throws BackupError
     */
    public function mend(string $where, string $key, string $hash): array
    {
        $place = new BackupPlace($where);
        foreach ($place->made() as $at) {
            $has = array_filter(
                $place->manifest(BackupPlace::stamp($at))->files,
                static fn (KeptFile $file): bool => $file->sha256 === $hash,
            );
            if ([] !== $has) {
                WorkFolder::during(function (string $folder) use ($place, $has, $key): void {
                    foreach ($has as $path => $file) {
                        $this->files->putBack($place, $path, $file, $key, $folder);
                    }
                });

                return array_keys($has);
            }
        }
        throw BackupError::unknown($hash);
    }

    private function openDump(BackupPlace $place, Manifest $manifest, string $key, string $folder): string
    {
        $place->fetchFrom($manifest->at, 'database.age', $sealed = $folder.'/database.age');
        if (hash_file('sha256', $sealed) !== $manifest->database) {
            throw BackupError::damaged('The database');
        }
        $this->seal->open($sealed, $dump = $folder.'/database.dump', $key);

        return $dump;
    }

    private function openSecret(BackupPlace $place, Manifest $manifest, string $key, string $folder, string $to): void
    {
        $place->fetchFrom($manifest->at, 'secret.age', $sealed = $folder.'/secret.age');
        $before = umask(0o077);
        $this->seal->open($sealed, $to, $key);
        umask($before);
    }

    private function keep(string $file, string $to, string $as): void
    {
        if ('' !== $to && ((!is_dir(\dirname("$to/$as")) && !mkdir(\dirname("$to/$as"), 0o700, true)) || !copy($file, "$to/$as"))) {
            throw BackupError::failed("$to/$as", 'it cannot be written');
        }
    }
}
