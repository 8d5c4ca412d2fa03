<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use App\Platform\OneNode;
use App\Platform\WorkFolder;

use function Symfony\Component\Clock\now;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Copies database and files away while the shop works. The database is of one moment; files are written before the rows that speak of
 * them and never change, so that all of that moment are among those that are copied after it.
 */
final readonly class BackUp
{
    public function __construct(
        private FileCopies $files,
        private DatabaseCopy $database,
        private Seal $seal,
        private OneNode $one,
        private LastBackup $last,
        #[Autowire('%kernel.secret%')]
        private string $secret,
    ) {
    }

    /**
     * @param string $where folder, or `s3://…` as in `StoreAdapter`
     *
     * @throws BackupError where it is not whole
     */
    public function to(string $where): BackupMade
    {
        $this->seal->mustHaveKey();

        return $this->one->during('backup', fn (): BackupMade => WorkFolder::during(fn (string $folder) => $this->make($where, $folder)))
            ?? throw BackupError::isAtIt();
    }

    private function make(string $where, string $folder): BackupMade
    {
        $place = new BackupPlace($where);
        $at = now();
        $rows = $this->database->dump($dump = $folder.'/database.age');
        $place->putInto($at, 'database.age', $dump);
        file_put_contents($folder.'/secret', $this->secret);
        $this->seal->file($folder.'/secret', $folder.'/secret.age');
        $place->putInto($at, 'secret.age', $folder.'/secret.age');
        $files = $this->files->copy($place, $folder);
        $manifest = new Manifest($at, $this->database->version(), (string) hash_file('sha256', $dump), $rows, $files->files);
        $place->putManifest($manifest);
        $place->prune();
        $this->last->note($at, $where);

        return new BackupMade($manifest, $files->new, $files->damaged);
    }
}
