<?php

declare(strict_types=1);

namespace App\Repair;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Frame\CasePages;
use App\Repair\Repository\KitPieceRepository;
use App\Repair\Repository\RepairOptionRepository;
use App\Repair\Shelf\Shelf;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Debris;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Repair\KitCheck;
use Japhrex\Core\Repair\KitUse;
use Japhrex\Core\Repair\Line;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Repair\OtherSize;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Response;

/** What becomes of the parts, the kit, the options and what was offered. */
final readonly class RepairPage
{
    /** What takes so many days or more is ordered before anything else is decided. */
    private const LATE = 14;

    public function __construct(
        private CasePages $pages,
        private RepairDesk $desk,
        private Offers $offers,
        private ToDecide $toDecide,
        private RepairOptionRepository $options,
        private BookShelf $books,
        private Shelf $shelf,
        private KitPieceRepository $pieces,
    ) {
    }

    /**
     * @param array<string, mixed> $typed an option that was not taken, as it was typed
     * @param string $anew a part on which is to be decided anew; empty: none is
     */
    public function show(CaseFile $case, array $typed = [], string $anew = ''): Response
    {
        $rates = $this->desk->rates();
        $plan = $this->desk->plan($case);
        $draft = $this->desk->draft($case);
        $undecided = $this->desk->undecided($case, $plan);
        $anew = isset($plan->decided[$anew]) && !\in_array($anew, $undecided, true) ? $anew : '';
        $book = $this->books->book($case->family, $case->is());
        $model = $book->model(trim($case->maker.' '.$case->model));
        $options = $links = [];
        foreach ($offers = $this->offers->newestFirst($case) as $offer) {
            $links[(string) $offer->id] = $this->offers->link($offer);
        }
        foreach (OptionKind::cases() as $kind) {
            $option = $this->options->ofKind($case, $kind);
            $options[$kind->value] = [
                'kind' => $kind,
                'option' => $option,
                'estimate' => $option?->estimate($rates),
                'possible' => $draft->isPossible($kind),
            ];
        }

        return $this->pages->show($case, 'repair/repair.html.twig', [
            'plan' => $plan,
            'records' => $this->desk->records($case),
            ...([] === $undecided && '' === $anew ? [] : $this->toDecide->of($case)),
            'prices' => $this->desk->prices($case),
            'undecided' => $undecided, 'anew' => $anew,
            'shelf' => $this->shelf->of($book),
            'unpriced' => $draft->unpriced(), 'gone' => $draft->gone(), 'late' => $draft->longLead(self::LATE),
            'pricedKits' => array_map(static fn (KitUse $one): string => $one->kit->key, $draft->pricedKits()),
            'filter' => self::filter($book),
            'sizes' => null === $model ? [] : OtherSize::of($book, $model), 'options' => $options, 'rates' => $rates,
            'kinds' => Line::KINDS, 'typed' => $typed, 'offers' => $offers, 'links' => $links, 'now' => now(),
            'suggested' => $this->offers->suggested($case), 'budgets' => $this->desk->budgets($case),
            'ticks' => $ticks = $this->desk->ticks($case), 'selective' => $this->desk->selective($case),
            'pieces' => $this->pieces->byKit($case),
            'kit' => KitCheck::of($plan->bought(), array_map(static fn (KitTick $tick): string => $tick->state, $ticks)),
        ], [] === $typed ? 200 : 422);
    }

    /** The first part through which all of the flow goes and which keeps what it catches; empty: the book has none. */
    private static function filter(Book $book): string
    {
        return array_key_first(array_filter(
            $book->parts,
            static fn (Part $one): bool => $one->does(Debris::Sieve) && $one->does(Debris::Catches),
        )) ?? '';
    }
}
