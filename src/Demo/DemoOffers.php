<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Evidence\Photo;
use App\Intake\CaseFile;
use App\Repair\DraftOption;
use App\Repair\Form\OfferInput;
use App\Repair\Form\RatesInput;
use App\Repair\KeepRates;
use App\Repair\MakeOffer;
use App\Repair\Offers;
use App\Repair\TakePrices;
use Japhrex\Core\Repair\OptionKind;

use function Symfony\Component\Clock\now;

use Symfony\Component\Messenger\MessageBusInterface;

/** Prices of the demo, and what its customers were offered and chose. */
final readonly class DemoOffers
{
    public function __construct(
        private DemoHands $hands,
        private DraftOption $draftOption,
        private Offers $offers,
        private MessageBusInterface $bus,
        private TakePrices $takePrices,
        private KeepRates $keepRates,
        private string $projectDir,
    ) {
    }

    public function prices(User $desk, User $analyst): void
    {
        ($this->takePrices)('Vintrey and Halvorsund, autumn', (string) file_get_contents($this->projectDir.'/demo/prices.csv'), $desk);
        ($this->keepRates)(new RatesInput(hour: '64.00 EUR', tax: '19 %', hoursADay: '6'), $analyst);
    }

    /** @param array<string, mixed> $row */
    public function offer(CaseFile $case, array $row, User $who): void
    {
        if ([] === $row) {
            return;
        }
        /**
         * @var array{
         *     options: list<string>, days: int, story?: string, theory: string, questions: list<string>, chosen?: string,
         *     name?: string, words?: string,
         * } $row
         */
        $this->hands->use($who, new \DateTimeImmutable("-{$row['days']} days"));
        $options = $row['options'];
        foreach ($options as $kind) {
            ($this->draftOption)($case, OptionKind::from($kind), $who);
        }
        $suggested = $this->offers->suggested($case);
        $photos = array_map(static fn (Photo $photo): string => (string) $photo->id, \array_slice($suggested->photos, 2, 3));
        $told = new OfferInput(
            photos: $photos,
            unpriced: 'yes',
            until: now('today +90 days')->format('Y-m-d'),
            story: $row['story'] ?? $suggested->story,
            theory: $row['theory'],
            questions: implode("\n", $row['questions']),
        );
        $offer = $this->offers->make($case, $told, $who);
        if (isset($row['chosen'])) {
            $this->hands->wait('1 day');
            $this->hands->customer();
            $this->offers->answer($offer, $row['chosen'], $row['name'] ?? '', $row['words'] ?? '');
        }
        $this->bus->dispatch(new MakeOffer($offer->id));
    }
}
