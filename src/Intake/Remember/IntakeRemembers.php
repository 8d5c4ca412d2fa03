<?php

declare(strict_types=1);

namespace App\Intake\Remember;

use App\Account\Repository\AuditEntryRepository;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\RunningSince;
use App\Intake\RunningTimes;
use App\Intake\YesNo;
use Japhrex\Core\Quantity\ServiceTime;

/** Whose and what it is, what fails, and what was told. */
final readonly class IntakeRemembers implements Remembers
{
    public function __construct(private BookShelf $shelf, private AuditEntryRepository $trail)
    {
    }

    public function remember(CaseFile $case, Remembered $memory): void
    {
        $memory->holder = $case->holder->name ?? '';
        $memory->hours = RunningTimes::hours($case, RunningSince::Made);
        $memory->sinceRepair = RunningTimes::hours($case, RunningSince::Overhaul);
        $memory->km = ServiceTime::km($case->serviceSinceNew);
        $memory->kmSinceRepair = ServiceTime::km($case->serviceSinceRepair);
        $memory->moves = $this->trail->stages($case->id);
        $memory->text(
            'unit', $case->number, $case->unitName, $case->maker.' '.$case->model, $case->customer, $case->serial, $case->tag,
            $case->drive, $case->repairedBy, $case->replacedThen, $case->identifiedBy, $case->withdrawnBecause,
        );
        $known = $this->shelf->book($case->family)->complaints;
        $names = [];
        foreach ($case->complaints as $one) {
            $names[] = $known[$one->what]->name ?? $one->what;
            $memory->complaints[] = new RememberedComplaint($one->what, self::conditions($one));
            $name = $names[array_key_last($names)];
            $memory->text('complaint', $name, $one->words, $one->theory, $one->tried, $one->answer, $one->alongWith);
        }
        $memory->complains = implode(', ', $names);
        foreach ($case->statements as $one) {
            $memory->text('statement', $one->words);
            if (null !== $one->means && !$one->meansNot) {
                $memory->circumstances[] = $one->means;
            }
        }
        $memory->circumstances = [
            ...$memory->circumstances, ...$case->arrival->fluid ?? [], ...YesNo::Yes === $case->arrival?->water ? ['water'] : [],
            ...null === $case->comebackOf ? [] : ['comeback'],
        ];
        foreach ($case->attempts as $one) {
            $memory->text('statement', $one->words);
        }
        $memory->text('statement', $case->earlierOriginDealt);
    }

    /** @return list<string> values of the conditions that were said */
    private static function conditions(Complaint $one): array
    {
        $said = [$one->warmth, $one->atSpeed, $one->underLoad, $one->extent, $one->ground, $one->moment, $one->onset];

        return array_values(array_map(
            static fn (\BackedEnum $is): string => (string) $is->value,
            array_filter($said, static fn (?\BackedEnum $is): bool => null !== $is),
        ));
    }
}
