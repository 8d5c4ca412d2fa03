<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Chain\ChainNode;
use App\Evidence\PartRecord;
use App\Intake\CaseFile;
use App\Measuring\CaseMeasures;
use App\Platform\ShopError;
use App\Repair\Repository\RepairOptionRepository;
use App\Verdict\Signing;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Japhrex\Core\Repair\Lasting;
use Japhrex\Core\Repair\OptionDraft;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Repair\Outside;
use Japhrex\Core\Repair\Returned;

/** Works an option out from what is known now. */
final readonly class DraftOption
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private RepairDesk $desk,
        private BookShelf $shelf,
        private CaseMeasures $measures,
        private Signing $signing,
        private OwnRecord $record,
        private Decisions $decisions,
        private RepairOptionRepository $options,
    ) {
    }

    /**
     * An option with all that can be worked out; whoever offers it reads it over.
     *
     * @throws ShopError if there is no such option for the case
     */
    public function __invoke(CaseFile $case, OptionKind $kind, Actor $who): void
    {
        $draft = $this->desk->draft($case);
        $draft->isPossible($kind) || throw new ShopError($kind->needs(), 422);
        $option = $this->options->ofKind($case, $kind) ?? new RepairOption($case, $kind, $who);
        $option->doneBy($who);
        $option->write($draft->lines($kind));
        $origins = $this->signing->current($case)->origins();
        $outside = implode(
            ' ',
            array_unique(
                array_map(
                    fn (ChainNode $one): string => null === $one->origin
                        ? ''
                        : Outside::of($one->origin, $this->shelf->book($case->family, $case->is())),
                    $origins,
                ),
            ),
        );
        $staying = array_filter(
            $origins,
            fn (ChainNode $one): bool => null === $one->origin
                || Outside::stays($one->origin, $this->shelf->book($case->family, $case->is())),
        );
        $again = [] === $staying ? '' : \sprintf(
            '%s %s not cured by it.',
            implode(' and ', array_map(static fn (ChainNode $one): string => "“{$one->name}”", $staying)),
            1 === \count($staying) ? 'is' : 'are',
        );
        $before = Lasting::asBefore($case->serviceSinceRepair ?: $case->serviceSinceNew, [] === $origins || [] !== $staying);
        $option->say(...match ($kind) {
            OptionKind::AsItWas => [trim($before.' '.$this->record($case)), $again, $outside],
            OptionKind::Cured => [
                trim(($this->lasting($case) ?: $before).' '.$this->record($case)),
                $this->risks($case, $draft),
                $outside,
            ],
            OptionKind::Renewed, OptionKind::Donor, OptionKind::Field => [
                trim($before.' '.$this->record($case)),
                trim($again.' '.$kind->risk()),
                $outside,
            ],
            OptionKind::OtherSize => ['As its maker says.', trim($again.' '.$kind->risk()), $outside],
            OptionKind::Exchange => [
                'As its maker says.',
                trim($again.' An exchange unit meets the same oil and the same drive.'),
                $outside,
            ],
            OptionKind::NotWorth => ['', 'The unit stays as it is; it must not run.', ''],
        });

        $this->entityManager->persist($option);
        $this->entityManager->flush();
    }

    private function record(CaseFile $case): string
    {
        return Returned::says($this->record->runs($case->family));
    }

    /** By the wear of what goes back in. */
    private function lasting(CaseFile $case): string
    {
        $book = $this->shelf->book($case->family, $case->is());
        $kept = $this->desk->plan($case)->kept();
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
        $budget = $this->desk->budgets($case)[$part] ?? null;

        return match ($budget->results['feasible']['value'] ?? null) {
            true => '',
            null => \sprintf('Nobody has worked out how much may come off the %s.', $name),
            default => \sprintf('By its budget the %s cannot be machined.', $name),
        };
    }

    private function risks(CaseFile $case, OptionDraft $draft): string
    {
        $book = $this->shelf->book($case->family, $case->is());
        $name = static fn (string $part): string => lcfirst($book->parts[$part]->name ?? $part);
        $again = array_keys($this->desk->plan($case)->decided, Disposition::OneMoreRun, true);

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
                array_keys($this->desk->plan($case)->decided, Disposition::Machine, true),
            ),
            [] === $draft->gone()
                ? ''
                : \sprintf('No longer made: %s; salvage, a donor or made new.', implode(', ', array_map($name, $draft->gone()))),
        ])));
    }
}
