<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Actor;
use App\Account\OurShop;
use App\Books\BookShelf;
use App\Chain\ChainNode;
use App\Chain\Engine\CaseAnalysis;
use App\Evidence\PartRecord;
use App\Evidence\Repository\FindingRepository;
use App\Figures\KeptFigure;
use App\Figures\Repository\KeptFigureRepository;
use App\Intake\CaseFile;
use App\Library\SchoolPick;
use App\Library\SchoolPicks;
use App\Measuring\CaseMeasures;
use App\Platform\ShopError;
use App\Repair\Build\BuildDesk;
use App\Repair\Repository\KitTickRepository;
use App\Repair\Repository\PriceRowRepository;
use App\Repair\Repository\RepairOptionRepository;
use App\Repair\Repository\ShopRatesRepository;
use App\Verdict\Signing;
use Japhrex\Core\Chain\Ground\Reach;
use Japhrex\Core\Chain\Ground\Reached;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Estimate;
use Japhrex\Core\Repair\Lasting;
use Japhrex\Core\Repair\OptionDraft;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Repair\Outside;
use Japhrex\Core\Repair\Price;
use Japhrex\Core\Repair\Rates;
use Japhrex\Core\Repair\RepairPlan;
use Japhrex\Core\Repair\Returned;

/** What becomes of the parts of a case, and what each option would take. */
final readonly class RepairDesk
{
    public function __construct(
        private BookShelf $shelf,
        private CaseAnalysis $engine,
        private CaseMeasures $measures,
        private Signing $signing,
        private OwnRecord $record,
        private BuildDesk $build,
        private Decisions $decisions,
        private ShopRatesRepository $rates,
        private OurShop $shop,
        private PriceRowRepository $prices,
        private FindingRepository $findings,
        private KeptFigureRepository $kept,
        private KitTickRepository $ticks,
        private RepairOptionRepository $options,
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
            $this->shelf->book($case->family),
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
            $book = $this->shelf->book($case->family);
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
        $book = $this->shelf->book($case->family);

        return array_map(static fn (string $part): string => lcfirst($book->part($part)->name ?? $part), $this->draft($case)->unpriced());
    }

    public function draft(CaseFile $case): OptionDraft
    {
        $book = $this->shelf->book($case->family);
        $plan = $this->plan($case);

        return new OptionDraft(
            $book,
            $plan,
            $this->rates(),
            array_values($this->prices($case)),
            [...$this->undecided($case, $plan), ...$this->decisions->provisional($case)],
            array_values(array_filter(Reach::after($book, $this->engine->ground($case)), static fn (Reached $one): bool => !$one->past)),
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

    /** An option with all that can be worked out; whoever offers it reads it over. */
    public function option(CaseFile $case, OptionKind $kind, Actor $who): RepairOption
    {
        $option = $this->options->ofKind($case, $kind) ?? new RepairOption($case, $kind, $who);
        $option->doneBy($who);
        $draft = $this->draft($case);
        $option->write($draft->lines($kind));
        $origins = $this->signing->current($case)->origins();
        $outside = implode(
            ' ',
            array_unique(
                array_map(
                    fn (ChainNode $one): string => null === $one->origin
                        ? ''
                        : Outside::of($one->origin, $this->shelf->book($case->family)),
                    $origins,
                ),
            ),
        );
        $again = [] === $origins ? '' : \sprintf(
            '%s %s not cured by it.',
            implode(' and ', array_map(static fn (ChainNode $one): string => "“{$one->name}”", $origins)),
            1 === \count($origins) ? 'is' : 'are',
        );
        $option->say(...match ($kind) {
            OptionKind::AsItWas => [trim($this->lastTime($case).' '.$this->record($case)), $again, $outside],
            OptionKind::Cured => [
                trim(($this->lasting($case) ?: $this->lastTime($case)).' '.$this->record($case)),
                $this->risks($case, $draft),
                $outside,
            ],
            OptionKind::Renewed, OptionKind::Donor, OptionKind::Field => [
                trim($this->lastTime($case).' '.$this->record($case)),
                trim($again.' '.$kind->risk()),
                $outside,
            ],
            OptionKind::OtherSize => ['As its maker says.', trim($again.' '.$kind->risk()), $outside],
            OptionKind::Exchange => ['As its maker says.', $again.' An exchange unit meets the same oil and the same drive.', $outside],
            OptionKind::NotWorth => ['', 'The unit stays as it is; it must not run.', ''],
        });

        return $option;
    }

    private function lastTime(CaseFile $case): string
    {
        $service = $case->serviceSinceRepair ?: $case->serviceSinceNew;

        return '' === $service
            ? ''
            : \sprintf('It lasted %s until this failure; with the same cause no longer is to be expected.', $service);
    }

    private function record(CaseFile $case): string
    {
        return Returned::says($this->record->runs($case->family));
    }

    /** By the wear of what goes back in. */
    private function lasting(CaseFile $case): string
    {
        $book = $this->shelf->book($case->family);
        $kept = $this->plan($case)->kept();
        $used = [];
        foreach ($this->measures->measuredIn($case) as $part => $fields) {
            foreach (\in_array($part, $kept, true) ? $fields : [] as $one) {
                // What is beyond its limit and goes back in all the same is a fit that other parts put right.
                $share = LimitVerdict::Outside === $one->assessment()?->verdict ? null : $one->assessment()?->wearUsed;
                $used[$part] = max($used[$part] ?? 0.0, $share ?? 0.0);
            }
        }
        try {
            $service = Quantity::parse($case->serviceSinceNew, Dimension::Time)->si / 3600.0;
        } catch (QuantityError) {
            return '';
        }

        return Lasting::says($service, $used, static fn (string $part): string => $book->parts[$part]->name ?? $part);
    }

    /** What the budget of a part that is machined says against it; empty: nothing. */
    private function machined(CaseFile $case, string $name, string $part): string
    {
        $budget = $this->budgets($case)[$part] ?? null;

        return match ($budget->results['feasible']['value'] ?? null) {
            true => '',
            null => \sprintf('Nobody has worked out how much may come off the %s.', $name),
            default => \sprintf('By its budget the %s cannot be machined.', $name),
        };
    }

    private function risks(CaseFile $case, OptionDraft $draft): string
    {
        $book = $this->shelf->book($case->family);
        $name = static fn (string $part): string => lcfirst($book->parts[$part]->name ?? $part);
        $again = array_keys($this->plan($case)->decided, Disposition::OneMoreRun, true);

        return trim(implode("\n", array_filter([
            [] === $again ? '' : \sprintf('Accepted for one more run: %s.', implode(', ', array_map($name, $again))),
            ...array_map(
                static fn (PartRecord|PartDecision $one): string => '' === $one->despite
                    ? ''
                    : \sprintf(
                        'The %s goes back in although %s: %s.',
                        $name($one->part),
                        implode('; ', $one->despiteFor),
                        rtrim($one->despite, '.'),
                    ),
                array_values($this->decisions->standing($case)),
            ),
            ...array_map(
                static fn (PartRecord|PartDecision $one): string => '' === $one->hangsOn
                    ? ''
                    : \sprintf('What becomes of the %s hangs on: %s.', $name($one->part), rtrim($one->hangsOn, '.')),
                array_values($this->decisions->standing($case)),
            ),
            ...array_map(
                fn (string $part): string => $this->machined($case, $name($part), $part),
                array_keys($this->plan($case)->decided, Disposition::Machine, true),
            ),
            [] === $draft->gone()
                ? ''
                : \sprintf('No longer made: %s; salvage, a donor or made new.', implode(', ', array_map($name, $draft->gone()))),
        ])));
    }
}
