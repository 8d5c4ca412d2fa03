<?php

declare(strict_types=1);

namespace App\Repair;

use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use App\Intake\Remember\RememberedMaking;
use App\Intake\Remember\Remembers;
use App\Repair\Build\BuildRecord;
use App\Repair\Repository\BuildRecordRepository;
use App\Repair\Repository\OfferRepository;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\MoneyError;

/** What it was offered for. */
final readonly class RepairRemembers implements Remembers
{
    public function __construct(private OfferRepository $offers, private BuildRecordRepository $built)
    {
    }

    public function remember(CaseFile $case, Remembered $memory): void
    {
        foreach ($this->offers->newestFirst($case) as $offer) {
            if (null === $offer->revokedAt) {
                $memory->offered ??= self::sum($offer);
                $memory->offeredHours ??= self::hours($offer);
            }
            $memory->text('offer', $offer->story, $offer->answer);
            if (null !== $offer->chosen && [] === $memory->made) {
                $memory->made[] = new RememberedMaking('repair', $offer->chosen->value, had: false);
            }
        }
        foreach ($this->builders($case) as $name) {
            $memory->made[] = new RememberedMaking('builder', $name, had: false);
        }
        foreach (null === $case->comebackOf ? [] : $this->builders($case->comebackOf) as $name) {
            $memory->made[] = new RememberedMaking('builder', $name, had: true);
        }
    }

    /** @return list<string> who did a step of its build */
    private function builders(CaseFile $case): array
    {
        $done = array_filter($this->built->ofCase($case), static fn (BuildRecord $one): bool => !$one->stopped);

        return array_values(array_unique(array_map(static fn (BuildRecord $one): string => $one->byWhom, $done)));
    }

    /** Of what was chosen; null: nothing was. */
    private static function hours(Offer $offer): ?float
    {
        foreach ($offer->options as $option) {
            if ($option['kind'] === $offer->chosen?->value) {
                return (float) $option['hours'];
            }
        }

        return null;
    }

    private static function sum(Offer $offer): ?int
    {
        $sums = [];
        foreach ($offer->options as $option) {
            try {
                $sums[$option['kind']] = Money::parse($option['high'])->minor;
            } catch (MoneyError) {
                continue;
            }
        }

        return $sums[$offer->chosen->value ?? ''] ?? ([] === $sums ? null : max($sums));
    }
}
