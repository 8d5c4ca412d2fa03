<?php

declare(strict_types=1);

namespace App\Proof\Aftercare;

use App\Books\BookShelf;
use App\Evidence\PartRecord;
use App\Proof\Handover;
use App\Proof\ProofDesk;
use App\Proof\ProofRecord;
use App\Repair\Build\BuildDesk;
use App\Repair\Decisions;
use App\Repair\Offer;
use App\Repair\Offers;
use App\Repair\PartDecision;
use App\Repair\RepairDesk;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Japhrex\Core\Repair\KitCheck;

/** What the user of a unit is told when he gets it back: what stands in the records, in his units. */
final readonly class AftercareText
{
    public function __construct(
        private BookShelf $shelf,
        private Offers $offers,
        private Decisions $decisions,
        private BuildDesk $build,
        private ProofDesk $proof,
        private RepairDesk $desk,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Handover $handover): array
    {
        $case = $handover->case;
        $book = $this->shelf->book($case->family, $case->is());
        $offer = $this->offers->newestFirst($case)[0] ?? null;

        return [
            'case' => $case,
            'handover' => $handover,
            'advice' => $book->upkeep->advice,
            'story' => '' === ($offer->story ?? '') ? $this->offers->suggested($case)->story : $offer->story ?? '',
            'offer' => $offer,
            'notChosen' => null === $offer ? [] : self::notChosen($offer),
            'parts' => $this->parts($handover),
            ...$this->work($handover),
        ];
    }

    /** @return array<string, list<string>> what became of the parts, the new ones first */
    private function parts(Handover $handover): array
    {
        $book = $this->shelf->book($handover->case->family, $handover->case->is());
        $parts = ['New' => [], 'Worked on' => [], 'Put back for one more run' => [], 'Put back as they were' => []];
        $of = static fn (string $part): string => lcfirst($book->parts[$part]->name ?? $part);
        $standing = array_filter(
            $this->decisions->standing($handover->case),
            static fn (PartRecord|PartDecision $one): bool => null !== $one->disposition,
        );
        foreach ($standing as $one) {
            $parts[match (true) {
                true !== $one->disposition?->keepsThePart() => 'New',
                Disposition::OneMoreRun === $one->disposition => 'Put back for one more run',
                Disposition::Reuse === $one->disposition => 'Put back as they were',
                default => 'Worked on',
            }][] = $of($one->part);
        }
        // What the book always renews, nobody has to decide; that it was is ticked in the kit.
        $decided = array_map(static fn (PartRecord|PartDecision $one): string => $one->part, $standing);
        foreach ($this->desk->ticks($handover->case) as $tick) {
            if (KitCheck::USED === $tick->state && !\in_array($tick->part, $decided, true)) {
                $parts['New'][] = $of($tick->part);
            }
        }

        return array_filter($parts);
    }

    /** @return array<string, mixed> what was built and proved, by whom, with what, and what was refused */
    private function work(Handover $handover): array
    {
        $hands = $watched = $gauges = $proved = $refused = [];
        foreach ($this->build->sheet($handover->case) as $row) {
            foreach ($row->records as $record) {
                $hands[$record->byWhom] = true;
                $watched[$record->withWhom] = true;
            }
        }
        foreach ($this->proof->sheet($handover->case) as $row) {
            $last = $row->records[\count($row->records) - 1] ?? null;
            if (null === $last) {
                continue;
            }
            $hands[$last->byWhom] = true;
            $gauges[$last->stand] = true;
            match ($row->outcome) {
                ProofEntry::PASSED => $proved[$row->item->named()] = $this->inHisUnits($last, $handover),
                ProofEntry::REFUSED => $refused[$row->item->named()] = $last->words,
                default => null,
            };
        }
        unset($watched[''], $gauges['']);

        return [
            'hands' => array_keys($hands),
            'watched' => array_diff(array_keys($watched), array_keys($hands)),
            'gauges' => array_keys($gauges),
            'proved' => $proved,
            'refusals' => $refused,
        ];
    }

    /** @return list<string> what was read, in the units of the user; where nothing was, what was seen */
    private function inHisUnits(ProofRecord $record, Handover $handover): array
    {
        $said = [];
        foreach ($record->readings as $one) {
            $what = explode(': ', $one['says'])[0];
            try {
                $said[] = \sprintf('%s: %s%s', $what, $this->converted($one['typed'], $handover), '' === $one['speed']
                    ? ''
                    : ' at '.$this->converted($one['speed'], $handover));
            } catch (QuantityError) {
                $said[] = $one['says'];
            }
        }

        return [] === $said ? array_filter([$record->words]) : $said;
    }

    /** @throws QuantityError if it is no single value */
    private function converted(string $typed, Handover $handover): string
    {
        $value = Quantity::parse($typed, Quantity::dimensionsOf($typed)[0]);

        return $handover->units->show($value->si, $value->dimension);
    }

    /** @return list<string> options that were offered and not chosen */
    private static function notChosen(Offer $offer): array
    {
        return null === $offer->answeredAt ? [] : array_values(array_map(
            static fn (array $one): string => $one['label'],
            array_filter($offer->options, static fn (array $one): bool => $one['kind'] !== $offer->chosen?->value),
        ));
    }
}
