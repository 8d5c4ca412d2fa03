<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\OurShop;
use App\Books\BookShelf;
use App\Chain\Engine\CaseAnalysis;
use App\Evidence\PartRecord;
use App\Evidence\Repository\FindingRepository;
use App\Figures\KeptFigure;
use App\Figures\Repository\KeptFigureRepository;
use App\Intake\CaseFile;
use App\Library\SchoolPick;
use App\Library\SchoolPicks;
use App\Platform\ShopError;
use App\Repair\Build\BuildDesk;
use App\Repair\Repository\KitTickRepository;
use App\Repair\Repository\PriceRowRepository;
use App\Repair\Repository\ShopRatesRepository;
use Japhrex\Core\Chain\Ground\Reached;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Estimate;
use Japhrex\Core\Repair\OptionDraft;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Repair\Price;
use Japhrex\Core\Repair\Rates;
use Japhrex\Core\Repair\RepairPlan;

/** What becomes of the parts of a case, and what each option would take. */
final readonly class RepairDesk
{
    public function __construct(
        private BookShelf $shelf,
        private CaseAnalysis $engine,
        private BuildDesk $build,
        private Decisions $decisions,
        private ShopRatesRepository $rates,
        private OurShop $shop,
        private PriceRowRepository $prices,
        private FindingRepository $findings,
        private KeptFigureRepository $kept,
        private KitTickRepository $ticks,
        private SchoolPicks $picks,
    ) {
    }

    public function rates(): Rates
    {
        return $this->rates->now()?->rates() ?? new Rates(Money::parse('60.00 '.$this->shop->currency()), 0);
    }

    public function plan(CaseFile $case): RepairPlan
    {
        return RepairPlan::of(
            $this->shelf->book($case->family, $case->is()),
            array_filter(
                array_map(static fn (PartRecord|PartDecision $one): ?Disposition => $one->disposition, $this->decisions->standing($case))
            ),
        );
    }

    /** @return array<string, PartRecord|PartDecision> what was decided, by part */
    public function records(CaseFile $case): array
    {
        return $this->decisions->taken($case);
    }

    /** @return array<string, Price> standard prices of the family by part */
    public function prices(CaseFile $case): array
    {
        $prices = [];
        foreach ($this->prices->ofFamily($case->family) as $row) {
            $prices[$row->part.($row->upgrade ? '/upgrade' : '')] = $row->price();
        }

        return $prices;
    }

    /** @return list<string> damaged parts of which nobody has decided, and parts whose decision a limit speaks against */
    public function undecided(CaseFile $case, RepairPlan $plan): array
    {
        $damaged = [];
        foreach ($this->findings->damageOf($case) as $finding) {
            $damaged[$finding->part] = true;
        }

        return array_values(array_diff(array_keys($damaged + $this->decisions->refused($case)), array_keys($plan->decided)));
    }

    /**
     * @param list<string> $parts that are to go back in
     *
     * @throws ShopError if nobody has decided of one of them, or a limit speaks against what was decided
     */
    public function mustBeDecided(CaseFile $case, array $parts): void
    {
        $open = array_intersect($parts, $this->undecided($case, $this->plan($case)));
        if ([] !== $open) {
            $book = $this->shelf->book($case->family, $case->is());
            throw new ShopError(
                \sprintf(
                    'Not put back: nobody has decided of %s, or a limit speaks against what was decided. Decide on the repair page first.',
                    implode(', ', array_map(static fn (string $part): string => lcfirst($book->part($part)->name ?? $part), $open)),
                ),
                409,
            );
        }
    }

    /** @return array<string, KeptFigure> machining budgets that were worked out, by part; the last counts */
    public function budgets(CaseFile $case): array
    {
        $budgets = [];
        foreach ($this->kept->named($case, 'machining-budget') as $kept) {
            $budgets[$kept->part] = $kept;
        }

        return $budgets;
    }

    /** @return array<string, KitTick> what was used and what was left over, by part; the last counts */
    public function ticks(CaseFile $case): array
    {
        $ticks = [];
        foreach ($this->ticks->ofCase($case) as $tick) {
            $ticks[$tick->part] = $tick;
        }

        return $ticks;
    }

    /**
     * @return list<ChosenByPlay> parts that are chosen by a play, as the build sheet has them; read and in: empty while it is not set
     */
    public function selective(CaseFile $case): array
    {
        $chosen = [];
        foreach ($this->build->sheet($case) as $row) {
            if (BuildKind::Play === $row->step->kind) {
                $typed = $row->done ? $row->records[\count($row->records) - 1]->typed : [];
                $word = static fn (string $name): string => \is_string($typed[$name] ?? null) ? $typed[$name] : '';
                $chosen[] = new ChosenByPlay(
                    $row->step->title,
                    $row->step->value,
                    $word('readings'),
                    $word('present'),
                );
            }
        }

        return $chosen;
    }

    /** @return list<string> parts that are bought and have no price, in words */
    public function unpriced(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family, $case->is());

        return array_map(static fn (string $part): string => lcfirst($book->part($part)->name ?? $part), $this->draft($case)->unpriced());
    }

    public function draft(CaseFile $case): OptionDraft
    {
        $book = $this->shelf->book($case->family, $case->is());
        $plan = $this->plan($case);

        return new OptionDraft(
            $book,
            $plan,
            $this->rates(),
            array_values($this->prices($case)),
            [...$this->undecided($case, $plan), ...$this->decisions->provisional($case)],
            array_values(array_filter($this->engine->reach($case), static fn (Reached $one): bool => !$one->past)),
            array_map(static fn (SchoolPick $one): string => $one->side, $this->picks->taken($case->family, $case)),
        );
    }

    /**
     * What a comeback costs the shop, without tax: what was spent on it at the bench, and the repair as it was.
     *
     * @param int $minutes spent so far
     */
    public function comebackCosts(CaseFile $case, int $minutes): ComebackCosts
    {
        $rates = $this->rates();
        $all = Estimate::of($this->draft($case)->lines(OptionKind::AsItWas), $rates->hour->currency, $rates->tax, $rates->hoursADay);

        return new ComebackCosts($rates->labour($minutes / 60), $all->low, $all->high);
    }
}
