<?php

declare(strict_types=1);

namespace App\Repair;

use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use App\Intake\Remember\Remembers;
use App\Repair\Repository\OfferRepository;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\MoneyError;

/** What it was offered for. */
final readonly class RepairRemembers implements Remembers
{
    public function __construct(private OfferRepository $offers)
    {
    }

    public function remember(CaseFile $case, Remembered $memory): void
    {
        foreach ($this->offers->newestFirst($case) as $offer) {
            if (null === $offer->revokedAt) {
                $memory->offered ??= self::sum($offer);
            }
            $memory->text('offer', $offer->story, $offer->answer);
        }
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
