<?php

declare(strict_types=1);

namespace App\Exchange\Table;

use App\Account\User;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Measuring\Gauge;
use App\Measuring\ReadingEntry;
use App\Measuring\Repository\GaugeRepository;
use App\Measuring\Repository\ReadingRepository;
use App\Measuring\TakeReading;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\Part;

/** What was read, one reading a line; those of one size are taken together. */
final readonly class ReadingRows implements TableRows
{
    public function __construct(
        private BookShelf $shelf,
        private ReadingRepository $readings,
        private GaugeRepository $gauges,
        private TakeReading $take,
    ) {
    }

    public function must(): array
    {
        return ['part', 'size', 'reading'];
    }

    public function may(): array
    {
        return ['place', 'gauge', 'zero', 'note'];
    }

    public function example(): string
    {
        return "part,size,place,reading,gauge,note\ndrive-gear,seal-land,,19.98 mm,,\nfront-block,depth,,41.97 mm,,after washing";
    }

    public function plan(array $lines, ?CaseFile $case, User $who): array
    {
        if (null === $case) {
            throw new \LogicException('Readings are of a case.');
        }
        $book = $this->shelf->book($case->family, $case->is());
        $plan = $groups = [];
        foreach ($lines as $number => $line) {
            $part = Meant::part($line['part'], $book);
            if (null === $part) {
                $plan[$number] = PlannedLine::refused(Meant::noPart($line['part'], $book));
                continue;
            }
            $typed = array_filter($part->fields, static fn (Field $one): bool => $one->isTyped());
            $key = Meant::key($line['size'], array_map(static fn (Field $one): string => $one->name, $typed));
            if (null === $key) {
                $plan[$number] = PlannedLine::refused(\sprintf(
                    '%s has no size “%s” to be read; it has: %s.', $part->name, $line['size'], implode(', ', array_keys($typed)) ?: 'none',
                ));
                continue;
            }
            $groups[$part->key.'/'.$key][$number] = $line;
        }
        foreach ($groups as $which => $of) {
            [$part, $field] = explode('/', $which, 2);
            $known = $book->part($part) ?? throw new \LogicException('The part was there a moment ago.');
            $plan += $this->group($of, $known, $known->fields[$field], $case, $who);
        }
        ksort($plan);

        return $plan;
    }

    /**
     * @param non-empty-array<int, array<string, string>> $lines of one size
     *
     * @return array<int, PlannedLine>
     */
    private function group(array $lines, Part $part, Field $field, CaseFile $case, User $who): array
    {
        if (null !== $this->readings->ofField($case, $part->key, $field->key)) {
            return array_map(static fn (): PlannedLine => PlannedLine::refused(
                \sprintf('%s was read already; what stands there is changed at the bench.', $field->name),
            ), $lines);
        }
        $first = (int) array_key_first($lines);
        $gauge = $this->gauge($lines);
        if (\is_string($gauge)) {
            return array_map(static fn (): PlannedLine => PlannedLine::refused($gauge), $lines);
        }
        $plan = $texts = [];
        foreach ($lines as $number => $line) {
            $place = self::place($line['place'] ?? '', $field);
            $alone = ReadingEntry::of($field, self::texts($field, [[$place ?? '', $line['reading']]]), '', $gauge, '', reads: $who->units);
            $wrong = null === $place
                ? \sprintf('%s is read at: %s.', $field->name, implode(', ', $field->positions()) ?: 'one place, which has no name')
                : (current($alone->errors) ?: ([] === $alone->typed ? 'There is no reading in this line.' : null));
            $texts[] = [$place ?? '', $line['reading']];
            if (null !== $wrong) {
                $plan[$number] = PlannedLine::refused($wrong);
            }
        }
        $entry = ReadingEntry::of(
            $field, self::texts($field, $texts), $lines[$first]['zero'] ?? '', $gauge,
            implode('; ', array_unique(array_filter(array_column($lines, 'note')))), reads: $who->units,
        );
        $wrong = [] === $plan ? current($entry->errors) : 'Another line of this size is refused.';
        foreach ($lines as $number => $line) {
            $says = implode(', ', array_filter([$part->name, $field->name, $line['place'] ?? ''])).': '.$line['reading'];
            $plan[$number] ??= false !== $wrong ? PlannedLine::refused($wrong) : PlannedLine::taken($says, $number !== $first
                ? null
                : fn () => $this->take->asTyped($case, $part->key, $field, $entry, $who));
        }

        return $plan;
    }

    /**
     * @param array<int, array<string, string>> $lines
     *
     * @return Gauge|string|null the gauge; null: none is named; a text: what is wrong
     */
    private function gauge(array $lines): Gauge|string|null
    {
        $named = array_unique(array_filter(array_column($lines, 'gauge')));
        if (\count($named) > 1) {
            return 'One size is read with one gauge; these lines name several.';
        }
        foreach ([] === $named ? [] : $this->gauges->byName() as $gauge) {
            if (mb_strtolower($gauge->name) === mb_strtolower((string) current($named))) {
                return $gauge;
            }
        }

        return [] === $named ? null : \sprintf('There is no gauge “%s”; they are on the page Gauges.', current($named));
    }

    /** @return string|null its place as the book names it; null: it has no such place, or needs one */
    private static function place(string $typed, Field $field): ?string
    {
        $positions = $field->positions();

        if ('' === $typed && \count($positions) < 2) {
            return $positions[0] ?? '';
        }

        return Meant::key($typed, array_combine($positions, $positions));
    }

    /**
     * @param list<array{string, string}> $read place and reading
     *
     * @return non-empty-list<string> a text for each place of the field, or one for all of it
     */
    private static function texts(Field $field, array $read): array
    {
        $positions = $field->positions();
        if (\count($positions) < 2) {
            return [implode('; ', array_column($read, 1))];
        }
        $texts = [];
        foreach ($positions as $position) {
            $texts[] = implode('; ', array_map(
                static fn (array $one): string => $one[1],
                array_filter($read, static fn (array $one): bool => $one[0] === $position),
            ));
        }

        return $texts;
    }
}
