<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BuildAct;
use Japhrex\Core\Family\BuildSetting;
use Japhrex\Core\Family\Count;
use Japhrex\Core\Family\FacingSet;
use Japhrex\Core\Family\FitCare;
use Japhrex\Core\Family\Lifting;
use Japhrex\Core\Family\Pair;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Family\UnitIs;
use Japhrex\Core\Family\Variant;
use Japhrex\Core\Measuring\Window;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** The steps of a build, each of what the book says of it. */
final readonly class SheetSteps
{
    private const TAB = 'To the lower value, then on until the tab lines up with a slot, never back.';
    private const UNTOLD = 'The book does not say what is wetted here and what stays dry: go by the maker’s manual.';
    private const WORDS = ['two' => 2, 'three' => 3, 'four' => 4];

    public function __construct(private Book $book, private UnitIs $unit)
    {
    }

    public function clean(): BuildStep
    {
        return new BuildStep(
            'clean',
            BuildKind::Clean,
            'Clean before anything goes in',
            how: 'Every orifice and passage blown through, dry, covered; bench, hands and cloths clean.'
                .('' === $this->book->medium ? '' : ' What it is wetted with stands ready, new.'),
            caution: 'Eye protection at compressed air; never on a spinning bearing, never toward skin.',
        );
    }

    public function fit(StripStep $step, ?FitCare $care): BuildStep
    {
        $parts = $care->parts ?? [];
        $parts = [] === $parts ? $step->removes : $parts;
        $facings = [];
        foreach ($parts as $key) {
            $facing = $this->book->part($key)?->facing;
            if (null !== $facing) {
                $facings[] = new FacingAsked($key, $facing->right, $facing->see, $facing->wrong);
            }
        }
        $mates = array_values(
            array_map(
                static fn (Pair $pair): string => trim($pair->why.' '.$pair->number),
                array_filter($this->book->pairs, static fn (Pair $pair): bool => [] !== array_intersect($pair->parts, $parts)),
            )
        );

        return new BuildStep(
            'fit-'.($care->key ?? $step->key),
            BuildKind::Fit,
            $care->title ?? 'Goes in: '.lcfirst($step->title),
            how: null === $care ? self::UNTOLD : '',
            parts: $parts,
            facings: $facings,
            mates: $mates,
            counts: $this->countedIn($step, $care),
            caution: $care->caution ?? ('' === $step->caution ? '' : 'When it came off: '.$step->caution),
            two: $step->two || ([] !== $facings && [] !== $mates),
            care: $care?->lines() ?? [],
            stage: $care->stage ?? '',
            figure: $care->figure ?? '',
            lifts: Lifting::at($this->book, $step, $parts, $this->unit),
        );
    }

    /**
     * What came out with one step is counted in where the book says, or with the last of the steps that put it back.
     *
     * @return list<Count>
     */
    private function countedIn(StripStep $step, ?FitCare $care): array
    {
        $fits = $this->book->upkeep->fitsOf($step->key);
        $named = array_merge(...array_map(static fn (FitCare $one): array => $one->counts, $fits));
        $isLast = null === $care || $care === $fits[\count($fits) - 1];

        return array_values(array_filter(
            $step->counts,
            static fn (Count $one): bool => \in_array($one->what, $named, true)
                ? \in_array($one->what, $care->counts ?? [], true)
                : $isLast,
        ));
    }

    public static function turn(string $key, BindState $bind, string $how, string $stage = ''): BuildStep
    {
        return new BuildStep($key, BuildKind::Turn, $bind->title(), how: $how, catch: $bind->means(), bind: $bind, stage: $stage);
    }

    public function act(BuildAct $act): BuildStep
    {
        return new BuildStep(
            'act-'.$act->key,
            BuildKind::Act,
            $act->what,
            how: $act->how,
            catch: $act->leftOut,
            caution: $act->caution,
            two: $act->two,
            act: $act,
            stage: $act->stage,
            figure: $act->figure,
            for: Variant::open($act->for, $this->unit),
        );
    }

    public function position(FacingSet $set): BuildStep
    {
        return new BuildStep(
            'stands-'.$set->key,
            BuildKind::Position,
            $set->what,
            how: '' === $set->see ? '' : 'Look at: '.lcfirst($set->see),
            set: $set,
            stage: $set->stage,
            for: Variant::open($set->for, $this->unit),
        );
    }

    public function setting(BuildSetting $setting): BuildStep
    {
        $key = 'set-'.$setting->key;
        if ($setting->isTorque()) {
            $rounds = preg_match('/in (\w+) rounds/', $setting->value, $m) ? self::WORDS[$m[1]] ?? (int) $m[1] : 2;
            $screws = $this->book->upkeep->fasteners[$setting->fastens] ?? null;

            return new BuildStep(
                $key,
                BuildKind::Torque,
                $setting->what,
                $setting->value,
                implode(' ', array_filter([
                    $setting->how,
                    $setting->threads?->says(),
                    $setting->tab ? self::TAB : '',
                    $screws->risk ?? '',
                ])),
                fasteners: self::several($screws?->count()) ?? $this->counted($setting->what),
                rounds: max(1, $rounds),
                two: $setting->two,
                tab: $setting->tab,
                still: $setting->still,
                screws: $screws,
                stage: $setting->stage,
                for: Variant::open($setting->for, $this->unit),
            );
        }
        $window = self::window($setting->value);

        return new BuildStep(
            $key,
            null === $window ? BuildKind::Task : BuildKind::Play,
            $setting->what,
            $setting->value,
            $setting->how,
            window: $window,
            two: $setting->two,
            reads: $setting->reads,
            stage: $setting->stage,
            figure: $setting->figure,
            for: Variant::open($setting->for, $this->unit),
        );
    }

    /** A setting read again after a step that can move it. */
    public function again(BuildSetting $setting, StripStep $after): BuildStep
    {
        $step = $this->setting($setting);

        return new BuildStep(
            'again-'.$setting->key.'-'.$after->key,
            $step->kind,
            $setting->what.', read again',
            $setting->value,
            'What was done since can have moved it. '.$setting->how,
            window: $step->window,
            two: $setting->two,
            reads: $setting->reads,
            stage: $setting->stage,
            for: Variant::open($setting->for, $this->unit),
        );
    }

    /** `0.05 mm to 0.10 mm`; null where the book writes no range of lengths. */
    public static function window(string $value): ?Window
    {
        if (1 !== preg_match('/^\s*(\S+ ?\S*) to (\S+ ?\S*)\s*$/u', $value, $m)) {
            return null;
        }
        try {
            return new Window(Quantity::parse($m[1], Dimension::Length)->si, Quantity::parse($m[2], Dimension::Length)->si);
        } catch (QuantityError|\DomainException) {
            return null;
        }
    }

    /** How many there are, by the part of that name or the count of a strip step, where the book has no map of them. */
    private function counted(string $what): ?int
    {
        foreach ($this->book->parts as $part) {
            if (\in_array(mb_strtolower($what), array_map(mb_strtolower(...), [$part->name, $part->short, ...$part->also]), true)) {
                return self::several($part->count);
            }
        }
        foreach ($this->book->strip as $step) {
            foreach ($step->counts as $count) {
                if (mb_strtolower($count->what) === mb_strtolower($what) && $count->count > 1) {
                    return $count->count;
                }
            }
        }

        return null;
    }

    /** An order of tightening is for more than one. */
    private static function several(?int $count): ?int
    {
        return null !== $count && $count > 1 ? $count : null;
    }
}
