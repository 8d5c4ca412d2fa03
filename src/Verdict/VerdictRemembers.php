<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Chain\ChainNode;
use App\Chain\Repository\ChainLinkRepository;
use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use App\Intake\Remember\Remembers;
use App\Verdict\Repository\VerdictRepository;

/** What two have signed that it was, and who carries it; of a verdict that is not signed its words alone. */
final readonly class VerdictRemembers implements Remembers
{
    public function __construct(private VerdictRepository $verdicts, private ChainLinkRepository $links)
    {
    }

    public function remember(CaseFile $case, Remembered $memory): void
    {
        $verdict = $this->verdicts->last($case);
        if (null === $verdict) {
            return;
        }
        $found = [];
        foreach ($verdict->explained() as $one) {
            $memory->text('verdict', $one->found() ?? '', $one->by->statement, $one->by->origin->evidence ?? '');
            if ($case->isSigned()) {
                $found[] = $one->found() ?? '';
                // A case counts once, by its first origin.
                $memory->origins[] = self::origin($one) + ['counts' => [] === $memory->origins && $this->isFound($one->by->origin)];
            }
        }
        $memory->text('verdict', $verdict->atRisk, $verdict->reopenedBecause);
        $memory->found = implode('; ', array_unique(array_filter($found)));
    }

    /** Was a find made that decides it? What the engine proposed and nobody found does not make it surer of itself. */
    private function isFound(?ChainNode $origin): bool
    {
        return null !== $origin && (null !== $origin->finding || $this->links->leadsToAFind($origin));
    }

    /** @return array{origin: string, kind: string, name: string, place: string|null, who: string|null} */
    private static function origin(Explained $one): array
    {
        $origin = $one->by->origin;

        return [
            'origin' => preg_match('/^origin:([^@]+)/', $origin->spot ?? '', $m) ? $m[1] : '',
            'kind' => $origin?->origin->value ?? ($one->by->causeNotFound ? 'not-found' : ''),
            'name' => $one->found() ?? '',
            'place' => $origin?->place,
            'who' => $one->by->responsibility?->value,
        ];
    }
}
