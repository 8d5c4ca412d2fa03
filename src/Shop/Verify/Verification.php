<?php

declare(strict_types=1);

namespace App\Shop\Verify;

use App\Account\TrailHeads;
use App\Evidence\PhotoCheck;
use App\Platform\Mismatch;
use App\Platform\StoredThing;
use League\Flysystem\FilesystemOperator;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/**
 * Checks everything that carries a digest, and names what does not fit. What it said lies in the store, with the heads of
 * the audit trail of that night.
 */
final readonly class Verification
{
    private const SAID = 'verified.json';

    /** @param iterable<StoredThing> $things */
    public function __construct(
        #[AutowireIterator(StoredThing::TAG)] private iterable $things,
        private PhotoCheck $photos,
        private TrailHeads $heads,
        private FilesystemOperator $files,
    ) {
    }

    public function run(): Verified
    {
        $counts = $wrong = [];
        foreach ($this->things as $thing) {
            $counts[$thing->name()] = 0;
            foreach ($thing->check() as $mismatch) {
                ++$counts[$thing->name()];
                if (null !== $mismatch) {
                    $wrong[] = $mismatch;
                }
            }
        }
        $photos = $this->photos->run();
        $counts['photos and clips'] = $photos->photos;
        foreach ($photos->lost as $lost) {
            $wrong[] = new Mismatch('photo or clip '.$lost->what, $lost->cases);
        }
        $night = $this->heads->join();
        $this->files->write('trail/'.date('Y-m-d-His').'.json', json_encode($night, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT));
        $said = new Verified(date('j M Y H:i'), $counts, $wrong, $photos->orphaned, $night->digest);
        $this->files->write(self::SAID, json_encode($said, \JSON_THROW_ON_ERROR));

        return $said;
    }

    /**
     * What the last check found that does not fit.
     *
     * @param string|null $case number; null: of all cases
     *
     * @return list<string>
     */
    public function alarms(?string $case = null): array
    {
        $said = $this->said();
        $alarms = [];
        foreach (\is_array($said['wrong'] ?? null) ? $said['wrong'] : [] as $one) {
            if (
                \is_array($one)
                    && \is_string($one['what'] ?? null)
                    && (null === $case || (\is_array($one['cases'] ?? null) && \in_array($case, $one['cases'], true)))
            ) {
                $alarms[] = $one['what'];
            }
        }

        return $alarms;
    }

    public function lastAt(): ?\DateTimeImmutable
    {
        $at = $this->said()['at'] ?? null;

        return \is_string($at) ? new \DateTimeImmutable($at) : null;
    }

    /** @return array<mixed> */
    private function said(): array
    {
        $said = $this->files->fileExists(self::SAID) ? json_decode($this->files->read(self::SAID), true) : null;

        return \is_array($said) ? $said : [];
    }
}
