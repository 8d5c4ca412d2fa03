<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

use Japhrex\Core\Family\Laid;
use Japhrex\Core\Family\Position;
use Japhrex\Core\Family\PositionIs;

/**
 * What somebody writes of a step, judged: done, or stopped with what can be done.
 *
 * @phpstan-type Said array{
 *     readings?: string, present?: string, stock?: string, most?: string, counts?: array<string, string>,
 *     facings?: list<string>, mates?: list<string>, purpose?: array<string, string>, torque?: string, rounds?: list<string>,
 *     lengths?: list<string>, fresh?: string, turns?: string, bind?: array<string, string>, cleaned?: list<string>, done?: string,
 *     laid?: list<string>, position?: string, why?: string, applies?: string,
 * }
 */
final readonly class BuildAnswer
{
    /** @param list<string> $says what was found, and what can be done */
    private function __construct(public bool $done, public array $says)
    {
    }

    /** @param list<string> $says */
    public static function done(array $says = []): self
    {
        return new self(true, $says);
    }

    /** @param list<string> $says what was found, and what can be done */
    public static function stopped(array $says): self
    {
        return new self(false, $says);
    }

    /**
     * @param Said $typed
     * @param bool $photo is there a picture of it?
     * @param \Closure(float): string $length how a length is written
     *
     * @throws BuildError saying what is missing or cannot be read; nothing is kept then
     */
    public static function of(BuildStep $step, array $typed, bool $photo, \Closure $length): self
    {
        if (null !== $step->for) {
            $applies = $typed['applies'] ?? '';
            if (!\in_array($applies, ['yes', 'no'], true)) {
                throw BuildError::whetherForThis($step->for);
            }
            if ('no' === $applies) {
                return self::done(['Not for this unit, as it was looked at: only '.$step->for->says().'.']);
            }
        }

        return match ($step->kind) {
            BuildKind::Clean => self::clean($typed['cleaned'] ?? []),
            BuildKind::Fit => FitAnswer::of($step, $typed, $photo),
            BuildKind::Play => PlayAnswer::of($step, $typed, $length),
            BuildKind::Torque => TorqueAnswer::of($step, $typed),
            BuildKind::Turn => self::turn($step, $typed),
            BuildKind::Act => self::act($step, $typed),
            BuildKind::Position => self::position($step, $typed),
            BuildKind::Task => '' === ($typed['done'] ?? '') ? throw BuildError::notTicked() : self::done(),
        };
    }

    /**
     * Does something stand otherwise than the book says, on purpose?
     *
     * @param Said $typed
     */
    public static function isOnPurpose(array $typed): bool
    {
        return '' !== trim($typed['why'] ?? '') || [] !== self::purposes($typed);
    }

    /**
     * @param Said $typed
     *
     * @return array<string, string> part => why it was put in the other way round
     */
    public static function purposes(array $typed): array
    {
        return array_filter(array_map(trim(...), $typed['purpose'] ?? []), static fn (string $why): bool => '' !== $why);
    }

    /** @param list<string> $cleaned */
    private static function clean(array $cleaned): self
    {
        $missing = array_diff(array_keys(BuildError::CLEAN), $cleaned);

        return [] === $missing ? self::done() : throw BuildError::notClean($missing);
    }

    /** @param Said $typed */
    private static function turn(BuildStep $step, array $typed): self
    {
        return match ($typed['turns'] ?? '') {
            'even' => self::done(),
            'catches' => self::stopped(Bind::says($step, $typed['bind'] ?? [])),
            default => throw BuildError::notTurned(),
        };
    }

    /** @param Said $typed */
    private static function act(BuildStep $step, array $typed): self
    {
        $act = $step->act ?? throw new \LogicException('An act of the book.');
        $sure = array_filter($act->laid, static fn (Laid $one): bool => null === $one->for);
        $open = array_diff_key($sure, array_flip($typed['laid'] ?? []));
        if ('no' === ($typed['done'] ?? '')) {
            return self::stopped(['Not so: '.lcfirst($act->leftOut)]);
        }
        if ('' === ($typed['done'] ?? '')) {
            throw BuildError::actOpen($act);
        }
        if ([] !== $open) {
            throw BuildError::notLaid($open[array_key_first($open)]);
        }

        return self::done();
    }

    /** @param Said $typed */
    private static function position(BuildStep $step, array $typed): self
    {
        $set = $step->set ?? throw new \LogicException('A set of the book.');
        $stands = $set->position($typed['position'] ?? '') ?? throw BuildError::howItStands();
        if (PositionIs::Right === $stands->is) {
            return self::done();
        }
        $why = trim($typed['why'] ?? '');
        $right = array_filter($set->positions, static fn (Position $one): bool => PositionIs::Right === $one->is);

        return '' === $why
            ? self::stopped([
                \sprintf('It stands: %s That gives: %s', lcfirst($stands->stands), lcfirst($stands->gives)),
                'Turn it: '.implode(' Or: ', array_map(static fn (Position $one): string => lcfirst($one->stands), $right)),
                'If it is meant, say why; two people sign it then.',
            ])
            : self::done([\sprintf('On purpose: %s %s', lcfirst($stands->stands), $why)]);
    }
}
