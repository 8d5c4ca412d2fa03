<?php

declare(strict_types=1);

namespace App\Repair;

use App\Chain\Engine\CaseAnalysis;
use App\Evidence\Finding;
use App\Evidence\PartRecord;
use App\Intake\CaseFile;
use App\Measuring\CaseMeasures;
use App\Platform\BookShelf;
use App\Verdict\Signing;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Ground\Reach;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Measuring\Verdict;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Japhrex\Core\Repair\Estimate;
use Japhrex\Core\Repair\Lasting;
use Japhrex\Core\Repair\OptionDraft;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Repair\Outside;
use Japhrex\Core\Repair\Price;
use Japhrex\Core\Repair\Rates;
use Japhrex\Core\Repair\RepairPlan;
use Twig\Attribute\AsTwigFunction;

/** What becomes of the parts of a case, and what each option would take. */
final readonly class RepairDesk
{
    public function __construct(private EntityManagerInterface $em, private BookShelf $shelf, private CaseAnalysis $engine, private CaseMeasures $measures, private Signing $signing)
    {
    }

    public function rates(): Rates
    {
        return $this->em->getRepository(ShopRates::class)->findOneBy([], ['id' => 'DESC'])?->rates() ?? new Rates(Money::parse('60.00 EUR'), 0);
    }

    public function plan(CaseFile $case): RepairPlan
    {
        return RepairPlan::of($this->shelf->book($case->family), array_filter(array_map(static fn (PartRecord $record): ?Disposition => $record->disposition, $this->records($case))));
    }

    /** @return array<string, PartRecord> by part */
    public function records(CaseFile $case): array
    {
        $records = [];
        foreach ($this->em->getRepository(PartRecord::class)->findBy(['case' => $case]) as $record) {
            $records[$record->part] = $record;
        }

        return $records;
    }

    /** @return array<string, Price> standard prices of the family by part */
    public function prices(CaseFile $case): array
    {
        $prices = [];
        foreach ($this->em->getRepository(PriceRow::class)->findBy(['family' => $case->family], ['id' => 'ASC']) as $row) {
            $prices[$row->part.($row->upgrade ? '/upgrade' : '')] = $row->price();
        }

        return $prices;
    }

    /** @return list<string> damaged parts of which nobody has decided */
    public function undecided(CaseFile $case, RepairPlan $plan): array
    {
        $damaged = [];
        foreach ($this->em->getRepository(Finding::class)->findBy(['case' => $case, 'kind' => FindingKind::Damage]) as $finding) {
            $damaged[$finding->part] = true;
        }

        return array_values(array_diff(array_keys($damaged), array_keys($plan->decided)));
    }

    public function draft(CaseFile $case): OptionDraft
    {
        $book = $this->shelf->book($case->family);
        $plan = $this->plan($case);

        return new OptionDraft($book, $plan, $this->rates(), array_values($this->prices($case)), $this->undecided($case, $plan), array_values(array_filter(Reach::after($book, $this->engine->ground($case)), static fn (array $one): bool => !$one['past'])));
    }

    /**
     * What a comeback costs the shop, without tax: what was spent on it at the bench, and the repair as it was.
     *
     * @param int $minutes spent so far
     *
     * @return array{spent: Money, low: Money, high: Money}
     */
    #[AsTwigFunction('comeback_costs')]
    public function comebackCosts(CaseFile $case, int $minutes): array
    {
        $rates = $this->rates();
        $all = Estimate::of($this->draft($case)->lines(OptionKind::AsItWas), $rates->hour->currency, $rates->tax, $rates->hoursADay);

        return ['spent' => $rates->labour($minutes / 60), 'low' => $all->low, 'high' => $all->high];
    }

    /** An option with all that can be worked out; whoever offers it reads it over. */
    public function option(CaseFile $case, OptionKind $kind, string $who): RepairOption
    {
        $option = $this->em->getRepository(RepairOption::class)->findOneBy(['case' => $case, 'kind' => $kind]) ?? new RepairOption($case, $kind, $who);
        $option->byWhom = $who;
        $draft = $this->draft($case);
        $option->write($draft->lines($kind));
        $origin = $this->signing->current($case)->origin;
        $outside = null === $origin?->origin ? '' : Outside::of($origin->origin);
        $again = null === $origin ? '' : \sprintf('“%s” is not cured by it.', $origin->name);
        [$option->life, $option->risk, $option->outside] = match ($kind) {
            OptionKind::AsItWas => [$this->lastTime($case), $again, $outside],
            OptionKind::Cured => [$this->lasting($case) ?: $this->lastTime($case), $this->risks($case, $draft), $outside],
            OptionKind::Exchange => ['As its maker says.', $again.' An exchange unit meets the same oil and the same drive.', $outside],
            OptionKind::NotWorth => ['', 'The unit stays as it is; it must not run.', ''],
        };
        $option->risk = trim($option->risk);

        return $option;
    }

    private function lastTime(CaseFile $case): string
    {
        $service = $case->serviceSinceRepair ?: $case->serviceSinceNew;

        return '' === $service ? '' : \sprintf('It lasted %s until this failure; with the same cause no longer is to be expected.', $service);
    }

    /** By the wear of what goes back in. */
    private function lasting(CaseFile $case): string
    {
        $book = $this->shelf->book($case->family);
        $kept = $this->plan($case)->kept();
        $used = [];
        foreach ($this->measures->of($case) as $part => $fields) {
            foreach (\in_array($part, $kept, true) ? $fields : [] as $one) {
                // What is beyond its limit and goes back in all the same is a fit that other parts put right.
                $share = Verdict::Outside === $one->assessment()?->verdict ? null : $one->assessment()?->wearUsed;
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

    private function risks(CaseFile $case, OptionDraft $draft): string
    {
        $book = $this->shelf->book($case->family);
        $name = static fn (string $part): string => lcfirst($book->parts[$part]->name ?? $part);
        $again = array_keys($this->plan($case)->decided, Disposition::OneMoreRun, true);

        return trim(implode(' ', array_filter([
            [] === $again ? '' : \sprintf('Accepted for one more run: %s.', implode(', ', array_map($name, $again))),
            [] === $draft->gone() ? '' : \sprintf('No longer made: %s; salvage, a donor or made new.', implode(', ', array_map($name, $draft->gone()))),
        ])));
    }
}
