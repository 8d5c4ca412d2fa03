<?php

declare(strict_types=1);

namespace App\Shop\Verify;

use App\Account\TrailHeads;
use App\Evidence\PhotoCheck;
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

    /**
     * @return array{
     *     at: string, counts: array<string, int>, wrong: list<array{what: string, cases: list<string>}>, orphaned: list<string>,
     *     digest: string,
     * }
     */
    public function run(): array
    {
        $said = ['at' => date('j M Y H:i'), 'counts' => [], 'wrong' => [], 'orphaned' => []];
        foreach ($this->things as $thing) {
            $said['counts'][$thing->name()] = 0;
            foreach ($thing->check() as $mismatch) {
                ++$said['counts'][$thing->name()];
                if (null !== $mismatch) {
                    $said['wrong'][] = ['what' => $mismatch->what, 'cases' => $mismatch->cases];
                }
            }
        }
        $photos = $this->photos->run();
        $said['counts']['photos and clips'] = $photos->photos;
        foreach ($photos->lost as $lost) {
            $said['wrong'][] = ['what' => 'photo or clip '.$lost->what, 'cases' => $lost->cases];
        }
        $said['orphaned'] = $photos->orphaned;
        $night = $this->heads->join();
        $this->files->write('trail/'.date('Y-m-d-His').'.json', json_encode($night, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT));
        $said['digest'] = $night->digest;
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
        $said = $this->files->fileExists(self::SAID) ? json_decode($this->files->read(self::SAID), true) : null;
        $alarms = [];
        foreach (\is_array($said) && \is_array($said['wrong'] ?? null) ? $said['wrong'] : [] as $one) {
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
}
