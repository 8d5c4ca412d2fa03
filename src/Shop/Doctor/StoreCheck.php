<?php

declare(strict_types=1);

namespace App\Shop\Doctor;

use League\Flysystem\FilesystemException;
use League\Flysystem\FilesystemOperator;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Whether the store takes files and gives them back, and how much room is left. */
final readonly class StoreCheck implements Check
{
    /** Less than this, bytes, is soon nothing: a morning's photos. */
    private const LEAST = 2_000_000_000;

    public function __construct(
        private FilesystemOperator $store,
        #[Autowire('%app.store%')]
        private string $where,
        private string $projectDir,
    ) {
    }

    public function look(): array
    {
        $local = is_dir($this->where) ? [self::room('disk of the store', $this->where)] : [];

        return [$this->takes(), ...$local, self::room('disk of the program', $this->projectDir.'/var')];
    }

    public function takes(): Symptom
    {
        $probe = 'probe-'.bin2hex(random_bytes(6)).'.part';
        try {
            $began = microtime(true);
            $this->store->write($probe, $probe);
            $back = $this->store->read($probe);
            $this->store->delete($probe);

            return $back === $probe
                ? Symptom::well('store', \sprintf('takes a file and gives it back in %.0f ms', 1000 * (microtime(true) - $began)))
                : Symptom::ill('store', 'it gives back something else than it was given');
        } catch (FilesystemException $error) {
            return Symptom::ill('store', 'it takes no file: '.$error->getMessage());
        }
    }

    private static function room(string $of, string $folder): Symptom
    {
        [$free, $all] = [(float) disk_free_space($folder), (float) disk_total_space($folder)];

        return Symptom::either(
            $free > self::LEAST,
            $of,
            \sprintf('%.1f of %.1f GB free', $free / 1e9, $all / 1e9),
            'Make room before nothing can be stored any more.',
        );
    }
}
