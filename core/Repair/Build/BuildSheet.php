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
    private const WORDS = ['two' => 2, 'three' => 3, 'four' => 4];

    /** @return list<BuildStep> */
    public static function of(Book $book): array
    {
        $steps = [
            new BuildStep(
                'clean',
                BuildKind::Clean,
                'Clean before anything goes in',
                how: 'Every orifice and passage blown through, dry, covered; bench, hands and cloths clean; new oil at hand.',
                caution: 'Eye protection at compressed air; never on a spinning bearing, never toward skin.',
            ),
        ];
        $set = array_map(
            static fn (int $i, BuildSetting $setting): array => [$setting->after, self::setting($book, $setting, $i)],
            array_keys($book->upkeep->settings),
            $book->upkeep->settings,
        );
        foreach (array_reverse($book->strip) as $step) {
            if ([] !== $step->removes) {
                $steps[] = self::fit($book, $step);
            }
            array_push($steps, ...self::after($step->key, $set));
        }

        return self::turned([...$steps, ...self::after('', $set)]);
    }

    /**
     * @param list<array{string, BuildStep}> $set
     *
     * @return list<BuildStep> what is set after a step: what is tightened last
     */
    private static function after(string $key, array $set): array
    {
        $own = array_values(
            array_map(static fn (array $one): BuildStep => $one[1], array_filter($set, static fn (array $one): bool => $one[0] === $key))
        );
        usort($own, static fn (BuildStep $a, BuildStep $b): int => (BuildKind::Torque === $a->kind) <=> (BuildKind::Torque === $b->kind));

        return $own;
    }

    /**
     * Turned by hand before the first fastener is tight, and after the last.
     *
     * @param list<BuildStep> $steps
     *
     * @return list<BuildStep>
     */
    private static function turned(array $steps): array
    {
        $torques = array_keys(array_filter($steps, static fn (BuildStep $step): bool => BuildKind::Torque === $step->kind));
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
        $after = new BuildStep(
            'turn-after',
            BuildKind::Turn,
            'Turn it by hand, tightened',
            how: 'As easily as before.',
            catch: self::AFTER,
        );
        [$first, $last] = [$torques[0], $torques[\count($torques) - 1]];

        return [
            ...\array_slice($steps, 0, $first),
            $before,
            ...\array_slice($steps, $first, $last - $first + 1),
            $after,
            ...\array_slice($steps, $last + 1),
        ];
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

        return new BuildStep(
            'fit-'.$step->key,
            BuildKind::Fit,
            $step->title.' in',
            how: 'Oiled as it goes in.',
            parts: $step->removes,
            facings: $facings,
            mates: $mates,
            counts: $step->counts,
            caution: $step->caution,
            two: $step->two || ([] !== $facings && [] !== $mates),
        );
    }

    private static function setting(Book $book, BuildSetting $setting, int $i): BuildStep
    {
        $key = 'set-'.$i;
        if (self::torque($setting)) {
            $rounds = preg_match('/in (\w+) rounds/', $setting->value, $m) ? self::WORDS[$m[1]] ?? (int) $m[1] : 2;

            return new BuildStep(
                $key,
                BuildKind::Torque,
                $setting->what,
                $setting->value,
                $setting->tab ? trim(
                    $setting->how.' To the lower value, then on until the tab lines up with a slot, never back; then the tab is bent.'
                ) : $setting->how,
                fasteners: self::fasteners($book, $setting->what),
                rounds: max(1, $rounds),
                two: $setting->two,
                tab: $setting->tab,
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

    /** Is it tightened to a torque, and not a play or a pressure? */
    private static function torque(BuildSetting $setting): bool
    {
        return 1 === preg_match('/\d\s*N·m/u', $setting->value) && !str_contains($setting->value, 'backed off');
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
