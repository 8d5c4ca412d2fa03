<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Count;
use Japhrex\Core\Family\FastenerPlace;
use Japhrex\Core\Family\Laid;
use Japhrex\Core\Family\Lifting;
use Japhrex\Core\Family\Position;
use Japhrex\Core\Family\ProofRead;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Family\UnitIs;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildSheet;
use Japhrex\Core\Repair\Build\BuildStep;
use Japhrex\Core\Repair\Build\FacingAsked;

/**
 * `japhrex sheet BOOK [--type T] strip|build|proof` without its terminal: the steps of a family in their order, as the application shows
 * them for a whole unit, so that somebody of the trade can read them through.
 */
final readonly class SheetCommand
{
    public const WHICH = ['strip', 'build', 'proof'];

    /**
     * @return list<SheetStep>
     *
     * @throws \InvalidArgumentException if there is no such sheet
     */
    public static function steps(Book $book, string $which): array
    {
        return match ($which) {
            'strip' => array_map(static fn (StripStep $one): SheetStep => self::strip($book, $one), array_values($book->strip)),
            'build' => array_map(static fn (BuildStep $one): SheetStep => self::build($book, $one), BuildSheet::of($book)),
            'proof' => array_map(self::proof(...), ProofPlan::of($book, [new ToldComplaint('told', 'what was complained of', '')])),
            default => throw new \InvalidArgumentException(
                \sprintf('There is no sheet "%s"; expected %s.', $which, implode(', ', self::WHICH)),
            ),
        };
    }

    /** @param list<SheetStep> $steps */
    public static function told(string $title, array $steps): string
    {
        $text = $title."\n";
        foreach ($steps as $i => $step) {
            $text .= \sprintf("\n%2d  %s\n", $i + 1, $step->title);
            foreach ($step->says as [$label, $words]) {
                $text .= '    '.wordwrap($label.': '.$words, 100, "\n      ")."\n";
            }
        }

        return $text;
    }

    private static function strip(Book $book, StripStep $step): SheetStep
    {
        return self::step($step->title, [
            'Caution' => [$step->caution],
            'Lift' => Lifting::at($book, $step, $step->removes, new UnitIs()),
            'Takes out' => self::named($book, $step->removes),
            'Tool' => [$step->tool],
            'Look' => $step->look,
            'Mark' => [$step->mark],
            'Hides' => $step->hides,
            'Falls out' => $step->falls,
            'Count' => self::counts($step->counts),
        ]);
    }

    private static function build(Book $book, BuildStep $step): SheetStep
    {
        return self::step(trim($step->title.('' === $step->value ? '' : ': '.$step->value)), [
            'Stage' => [$step->stage],
            'Only where' => [$step->for?->says($book->duties)],
            'Caution' => [$step->caution],
            'Lift' => $step->lifts,
            'Goes in' => self::named($book, $step->parts),
            ...array_map(static fn (string $words): array => [$words], $step->care),
            'How' => [$step->how],
            'Facing' => array_map(static fn (FacingAsked $one): string => $one->right.' Wrong: '.lcfirst($one->wrong), $step->facings),
            'Together' => $step->mates,
            'Count' => self::counts($step->counts),
            'Stands' => array_map(
                static fn (Position $one): string => $one->is->value.': '.$one->stands.' '.$one->gives,
                $step->set->positions ?? [],
            ),
            'Lies' => array_map(
                static fn (Laid $one): string => implode(', ', array_filter([
                    $one->place,
                    $one->what,
                    $one->told,
                    null === $one->for ? '' : 'only '.$one->for->says($book->duties),
                ])),
                $step->act->laid ?? [],
            ),
            'Places' => array_map(
                static fn (FastenerPlace $one): string => \sprintf('%d of %s, %s', $one->count, $one->length, $one->at),
                $step->screws->places ?? [],
            ),
            BuildKind::Act === $step->kind ? 'Left out' : 'If it catches' => [$step->catch],
            'Signed by' => [$step->two ? 'two people' : ''],
        ]);
    }

    private static function proof(ProofItem $item): SheetStep
    {
        return self::step($item->title, [
            'Stage' => [$item->stage],
            'Caution' => [$item->caution],
            'When' => [$item->phase->value],
            'Proves' => [$item->proves],
            'Expect' => [$item->expect],
            'Lasts' => [0 === $item->minutes ? '' : $item->minutes.' min'],
            'Read' => array_map(static fn (ProofRead $one): string => $one->what.', '.$one->asks(), $item->reads),
            'A miss points to' => $item->missPointsTo(),
            'Stops at once' => [$item->stops],
        ]);
    }

    /**
     * @param array<string, array<int, string|null>> $said
     */
    private static function step(string $title, array $said): SheetStep
    {
        $says = [];
        foreach ($said as $label => $lines) {
            foreach (array_filter($lines) as $line) {
                $says[] = [$label, $line];
            }
        }

        return new SheetStep($title, $says);
    }

    /**
     * @param list<string> $parts
     *
     * @return list<string>
     */
    private static function named(Book $book, array $parts): array
    {
        return [] === $parts ? [] : [implode(', ', array_map(static fn (string $key): string => $book->parts[$key]->name ?? $key, $parts))];
    }

    /**
     * @param list<Count> $counts
     *
     * @return list<string>
     */
    private static function counts(array $counts): array
    {
        return array_map(static fn (Count $one): string => $one->count.' '.$one->what, $counts);
    }
}
