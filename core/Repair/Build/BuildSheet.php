<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BuildSetting;
use Japhrex\Core\Family\Pair;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Measuring\Window;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** The build in order: the strip backwards, then what is set, turned by hand before the fasteners and after them. */
final class BuildSheet
{
    private const BEFORE = 'What catches now is dirt, or a part the wrong way: take it apart again.';
    private const AFTER = 'It turned before and catches now: that is position. Slacken, let the halves find their place, and tighten anew.';
    private const TAB = 'To the lower value, then on until the tab lines up with a slot, never back; then the tab is bent.';
    private const UNTOLD = 'The book does not say what is wetted here and what stays dry: go by the maker’s manual.';
    private const WORDS = ['two' => 2, 'three' => 3, 'four' => 4];

    /** @return list<BuildStep> */
    public static function of(Book $book): array
    {
        $steps = [
            new BuildStep(
                'clean',
                BuildKind::Clean,
                'Clean before anything goes in',
                how: 'Every orifice and passage blown through, dry, covered; bench, hands and cloths clean.'
                    .('' === $book->medium ? '' : ' What it is wetted with stands ready, new.'),
                caution: 'Eye protection at compressed air; never on a spinning bearing, never toward skin.',
            ),
        ];
        foreach (array_reverse($book->strip) as $step) {
            array_push($steps, ...self::set($book, static fn (BuildSetting $one): bool => $one->before === $step->key));
            if ([] !== $step->removes) {
                $steps[] = self::fit($book, $step);
            }
            array_push($steps, ...self::set($book, static fn (BuildSetting $one): bool => $one->after === $step->key));
        }

        return self::turned(
            [...$steps, ...self::set($book, static fn (BuildSetting $one): bool => '' === $one->after && '' === $one->before)],
        );
    }

    /**
     * What is set at one place of the sheet: what is read loose, then what is tightened, then what is read tight.
     *
     * @param \Closure(BuildSetting): bool $here
     *
     * @return list<BuildStep>
     */
    private static function set(Book $book, \Closure $here): array
    {
        $rank = static fn (BuildSetting $one): int => $one->tightened ? 2 : ($one->isTorque() ? 1 : 0);
        $own = array_filter($book->upkeep->settings, $here);
        uasort($own, static fn (BuildSetting $a, BuildSetting $b): int => $rank($a) <=> $rank($b));

        return array_values(
            array_map(
                static fn (int $i, BuildSetting $one): BuildStep => self::setting($book, $one, $i),
                array_keys($own),
                $own,
            )
        );
    }

    /**
     * Turned by hand before the first fastener that holds what turns is tight, and after each that is.
     *
     * @param list<BuildStep> $steps
     *
     * @return list<BuildStep>
     */
    private static function turned(array $steps): array
    {
        $holds = static fn (BuildStep $step): bool => BuildKind::Torque === $step->kind && !$step->still;
        $torques = array_keys(array_filter($steps, $holds));
        if ([] === $torques) {
            return $steps;
        }
        $before = new BuildStep(
            'turn-before',
            BuildKind::Turn,
            'Turn it by hand before the fasteners are tight',
            how: 'Several turns, both ways where it may.',
            catch: self::BEFORE,
        );
        $sheet = [];
        foreach ($steps as $i => $step) {
            array_push($sheet, ...($i === $torques[0] ? [$before] : []), ...[$step]);
            if (\in_array($i, $torques, true)) {
                $isLast = $i === $torques[\count($torques) - 1];
                $sheet[] = new BuildStep(
                    // The last one is known by this name from before there were others.
                    'turn-after'.($isLast ? '' : '-'.$step->key),
                    BuildKind::Turn,
                    'Turn it by hand, tightened',
                    how: 'As easily as before.',
                    catch: self::AFTER,
                );
            }
        }

        return $sheet;
    }

    private static function fit(Book $book, StripStep $step): BuildStep
    {
        $facings = [];
        foreach ($step->removes as $key) {
            $facing = $book->part($key)?->facing;
            if (null !== $facing) {
                $facings[] = new FacingAsked($key, $facing->right, $facing->see, $facing->wrong);
            }
        }
        $mates = array_values(
            array_map(
                static fn (Pair $pair): string => trim($pair->why.' '.$pair->number),
                array_filter($book->pairs, static fn (Pair $pair): bool => [] !== array_intersect($pair->parts, $step->removes)),
            )
        );

        $care = $book->upkeep->fits[$step->key] ?? null;

        return new BuildStep(
            'fit-'.$step->key,
            BuildKind::Fit,
            $care->title ?? 'Goes in: '.lcfirst($step->title),
            how: null === $care ? self::UNTOLD : '',
            parts: $step->removes,
            facings: $facings,
            mates: $mates,
            counts: $step->counts,
            caution: $care->caution ?? ('' === $step->caution ? '' : 'When it came off: '.$step->caution),
            two: $step->two || ([] !== $facings && [] !== $mates),
            care: $care?->lines() ?? [],
        );
    }

    private static function setting(Book $book, BuildSetting $setting, int $i): BuildStep
    {
        $key = 'set-'.$i;
        if ($setting->isTorque()) {
            $rounds = preg_match('/in (\w+) rounds/', $setting->value, $m) ? self::WORDS[$m[1]] ?? (int) $m[1] : 2;

            return new BuildStep(
                $key,
                BuildKind::Torque,
                $setting->what,
                $setting->value,
                trim(implode(' ', [$setting->how, $setting->threads?->says(), $setting->tab ? self::TAB : ''])),
                fasteners: self::fasteners($book, $setting->what),
                rounds: max(1, $rounds),
                two: $setting->two,
                tab: $setting->tab,
                still: $setting->still,
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

    /** How many there are, by the part of that name or the count of a strip step. */
    private static function fasteners(Book $book, string $what): ?int
    {
        foreach ($book->parts as $part) {
            if (\in_array(mb_strtolower($what), array_map(mb_strtolower(...), [$part->name, $part->short, ...$part->also]), true)) {
                return $part->count > 1 ? $part->count : null;
            }
        }
        foreach ($book->strip as $step) {
            foreach ($step->counts as $count) {
                if (mb_strtolower($count->what) === mb_strtolower($what) && $count->count > 1) {
                    return $count->count;
                }
            }
        }

        return null;
    }
}
