<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Books\BookShelf;
use App\Evidence\Finding;
use App\Evidence\RecordFinding;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Intake\Stage;
use App\Measuring\ReadingEntry;
use App\Measuring\Repository\GaugeRepository;
use App\Measuring\TakeReading;
use App\Parts\JudgePart;
use App\Teardown\Form\OpeningInput;
use App\Teardown\OpenUnit;
use App\Teardown\RecordStep;
use App\Teardown\StepRecord;
use App\Teardown\StripBench;
use Japhrex\Core\Family\Count;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Teardown\BeforeOpening;
use Japhrex\Core\Teardown\FastenerCondition;
use Japhrex\Core\Teardown\StepState;

/**
 * What the bench of the demo does with a unit: strips it, reads it, looks at its parts and judges them.
 *
 * @phpstan-import-type Row from DemoRows
 */
final readonly class DemoBench
{
    use DemoRows;

    public function __construct(
        private DemoHands $hands,
        private BookShelf $shelf,
        private StripBench $strip,
        private RecordStep $recordStep,
        private OpenUnit $open,
        private TakeReading $take,
        private RecordFinding $recordFinding,
        private JudgePart $judge,
        private PartRecordRepository $records,
        private GaugeRepository $gauges,
    ) {
    }

    /**
     * @param Row $row
     *
     * @return array<string, Row> what is written of each step, in the order of the book
     */
    public function steps(CaseFile $case, array $row): array
    {
        $written = self::row($row, 'steps') + (isset($row['finished']) ? $this->otherSteps($case) : []);
        $steps = [];
        foreach (array_keys($this->shelf->book($case->family, $case->is())->strip) as $key) {
            if (\is_array($written[$key] ?? null)) {
                $steps[$key] = self::row($written, $key);
            }
        }

        return $steps;
    }

    /** @param array<string, Row> $steps */
    public function strip(CaseFile $case, array $steps, User $who): void
    {
        $book = $this->shelf->book($case->family, $case->is());
        if ([] !== $steps) {
            $this->hands->wait('4 minutes');
            ($this->open)($case, new OpeningInput(
                array_keys(BeforeOpening::TICKS),
                liquid: ($case->arrival->pumped ?? '') ?: ('' === $book->medium ? 'nothing: it runs dry' : $book->medium),
                precautions: 'gloves, eye protection, tray under it',
            ), $who);
        }
        foreach ($steps as $key => $step) {
            $this->hands->wait('7 minutes');
            $record = new StepRecord($case, $key);
            self::fill($record, $step + ['state' => StepState::Done->value]);
            ($this->recordStep)($this->hands->sound($record), $this->strip->run($case, $book)->steps[$key], true, $who);
        }
    }

    /** @param Row $row */
    public function read(CaseFile $case, array $row, User $who): void
    {
        foreach (self::row($row, 'readings') as $key => $one) {
            $one = (array) $one;
            [$part, $name] = explode('/', $key);
            $field = $this->shelf->book($case->family, $case->is())->part($part)->fields[$name]
                ?? throw new \LogicException("There is no reading {$key} in the book of {$case->family}.");
            $typed = array_values(array_map(strval(...), array_filter((array) $one['typed'], is_scalar(...))));
            $entry = ReadingEntry::of(
                $field,
                \count($field->places) === \count($typed) ? $typed : [implode('; ', $typed)],
                self::word($one, 'zero'),
                $this->gauges->findOneBy(['name' => self::word($one, 'gauge')]),
                '',
            );
            if ([] !== $entry->errors) {
                throw new \LogicException("Reading {$key} of the demo: ".implode(' ', $entry->errors));
            }
            $this->hands->wait('2 minutes');
            $this->take->asTyped($case, $part, $field, $entry, $who);
        }
    }

    /**
     * @param Row $row
     *
     * @return array<string, Finding>
     */
    public function look(CaseFile $case, array $row, User $who): array
    {
        // What is seen while it is stripped is written on the strip bench.
        $work = Stage::Strip->value === self::word($row, 'stage') ? Stage::Strip : Stage::Parts;
        $findings = [];
        foreach (self::row($row, 'findings') as $key => $one) {
            $one = (array) $one;
            $findings[$key] = $finding = new Finding($case, self::word($one, 'part'));
            unset($one['part']);
            self::fill($finding, $one);
            $this->hands->wait('1 minute');
            ($this->recordFinding)($this->hands->sound($finding), $who, $work);
        }
        $seen = array_map(static fn (Finding $finding): string => $finding->part, $findings);
        $parts = isset($row['finished']) ? array_keys($this->shelf->book($case->family, $case->is())->parts) : [];
        foreach (array_diff($parts, $seen) as $part) {
            $finding = new Finding($case, $part);
            $finding->lookedClean(null);
            ($this->recordFinding)($finding, $who);
        }

        return $findings;
    }

    /** @param Row $row */
    public function judge(CaseFile $case, array $row, User $analyst): void
    {
        foreach (self::row($row, 'parts') as $key => $part) {
            $part = (array) $part;
            $part['dispositionReason'] = $part['reason'] ?? '';
            unset($part['reason']);
            self::fill($record = $this->records->ofPart($case, $key), $part);
            $refused = $this->judge->refused($this->hands->sound($record), '', $analyst);
            if (null !== $refused) {
                throw new \LogicException("Part {$key} of case {$case->number} of the demo: {$refused}");
            }
            $this->judge->keep($record);
        }
    }

    /** @return array<string, Row> every step of the book as it goes when nothing is wrong */
    private function otherSteps(CaseFile $case): array
    {
        return array_map(static fn (StripStep $step): array => [
            'counted' => array_combine(
                array_map(static fn (Count $one): string => $one->what, $step->counts),
                array_map(static fn (Count $one): int => $one->count, $step->counts),
            ),
            'facing' => [] === $step->facing ? '' : 'Right.',
            'marked' => '' !== $step->mark,
            'fasteners' => $step->fasteners ? FastenerCondition::AsItShould->value : null,
        ], $this->shelf->book($case->family, $case->is())->strip);
    }
}
