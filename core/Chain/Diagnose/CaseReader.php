<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Diagnose;

use Japhrex\Core\Chain\Ground\ComplaintFact;
use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Chain\Ground\LookFact;
use Japhrex\Core\Chain\Ground\ReadingFact;
use Japhrex\Core\Chain\Ground\ReadingSays;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\ToldFact;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\FoundBy;
use Japhrex\Core\Damage\PieceShape;
use Japhrex\Core\Measuring\LimitVerdict;

/** Reads a case that is told in a file, in the words of its book. */
final readonly class CaseReader
{
    private const KEYS = [
        'family', 'complaints', 'history', 'comeback', 'seen', 'clean', 'readings', 'fluid', 'tried', 'theories',
    ];

    public function __construct(private Words $words)
    {
    }

    /**
     * @param array<mixed> $told
     *
     * @return array{Facts, list<string>} the facts, and the origins that somebody names as theories, by id
     *
     * @throws DiagnoseError naming the place and the nearest words that are known
     */
    public function read(array $told): array
    {
        $case = new Told($told);
        $case->only(self::KEYS);
        $history = new Told($case->map('history'), 'history');
        $since = [$history->number('since-repair')];
        $complaints = [];
        foreach ($case->maps('complaints', 'what') as $one) {
            $one->only(['what', 'onset', 'hot', 'fast', 'loaded', 'since']);
            $complaints[] = new ComplaintFact(
                $one->oneOf('what', array_map(strval(...), array_keys($this->words->book->complaints)), 'complaint of this book'),
                $one->has('onset') ? 'sudden' === $one->oneOf('onset', ['sudden', 'creeping'], 'onset') : null,
                $one->yesNo('hot'),
                $one->yesNo('fast'),
                $one->yesNo('loaded'),
            );
            $since[] = $one->number('since');
        }
        $since = array_filter($since, is_float(...));
        $theories = [];
        foreach ($case->maps('theories', 'origin') as $one) {
            $theories[] = $this->origin($one);
        }

        return [
            new Facts(
                [...$this->seen($case), ...$this->clean($case)],
                $complaints,
                $this->readings($case),
                $this->isComeback($case),
                sinceRepair: [] === $since ? null : min($since),
                told: [...$this->history($history), ...$this->fluid($case), ...$this->tried($case)],
                hours: $history->number('hours'),
            ),
            $theories,
        ];
    }

    /** @return string id of an origin that is told by its key and, where it is of a part, its place */
    public function origin(Told $one): string
    {
        $one->only(['origin', 'place']);
        $key = $one->oneOf('origin', array_map(strval(...), array_keys($this->words->vocabulary->origins)), 'origin');
        if ('part' !== $this->words->vocabulary->origins[$key]->spread) {
            return Spot::idOf('origin', $key, null);
        }
        $place = $one->oneOf('place', $this->words->places(), 'place of this book');

        return Spot::idOf('origin', $key, explode('/', $place)[0]);
    }

    /** `comeback: false`, or the origin of the earlier failure and its place. */
    private function isComeback(Told $case): bool
    {
        try {
            return true === $case->yesNo('comeback');
        } catch (DiagnoseError) {
            $this->origin(new Told($case->map('comeback'), 'comeback'));

            return true;
        }
    }

    /** @return list<ToldFact> */
    private function history(Told $history): array
    {
        $keys = array_map(strval(...), array_keys($this->words->vocabulary->history));
        $history->only(['hours', 'since-repair', ...$keys]);
        $told = [];
        foreach ($keys as $key) {
            $is = $history->yesNo($key);
            if (null !== $is) {
                $told[] = new ToldFact($key, $is);
            }
        }

        return $told;
    }

    /** @return list<ToldFact> */
    private function fluid(Told $case): array
    {
        $known = array_map(strval(...), array_keys($this->words->vocabulary->fluid));
        $told = [];
        foreach ($case->maps('fluid', 'what') as $one) {
            $one->only(['what', 'is']);
            $told[] = new ToldFact($one->oneOf('what', $known, 'state of the fluid'), $one->yesNo('is') ?? true);
        }

        return $told;
    }

    /** @return list<ToldFact> */
    private function tried(Told $case): array
    {
        $known = array_map(strval(...), array_keys($this->words->vocabulary->tried));
        $told = [];
        foreach ($case->maps('tried', 'what') as $one) {
            $one->only(['what', 'changed']);
            $changed = $one->has('changed') ? $one->oneOf('changed', ['nothing', 'better'], 'change') : 'nothing';
            $told[] = new ToldFact($one->oneOf('what', $known, 'thing that is tried').':'.$changed);
        }

        return $told;
    }

    /** @return list<LookFact> */
    private function seen(Told $case): array
    {
        $modes = array_map(strval(...), array_keys($this->words->modes->modes));
        $looks = [];
        foreach ($case->maps('seen', 'place') as $one) {
            $one->only(['place', 'mode', 'grade', 'made', 'side', 'twin', 'shape']);
            [$part, $surface] = $this->place($one);
            $grade = $one->number('grade') ?? 2.0;
            if ($grade < 1 || $grade > 4 || floor($grade) !== $grade) {
                throw DiagnoseError::expected($one->at('grade'), 'a grade from 1 to 4');
            }
            $made = $one->texts('made');
            foreach ($made as $kind) {
                null !== DebrisKind::tryFrom($kind) || throw DiagnoseError::unknown(
                    $one->at('made'),
                    $kind,
                    array_map(static fn (DebrisKind $known): string => $known->value, DebrisKind::cases()),
                    'kind of debris',
                );
            }
            $looks[] = new LookFact(
                $part,
                $surface,
                $one->oneOf('mode', $modes, 'kind of damage'),
                (int) $grade,
                made: DebrisKind::of($made),
                side: $one->text('side'),
                twin: $one->text('twin'),
                shape: $one->has('shape')
                    ? PieceShape::from($one->oneOf('shape', array_column(PieceShape::cases(), 'value'), 'shape of a piece'))
                    : null,
            );
        }

        return $looks;
    }

    /** @return list<LookFact> */
    private function clean(Told $case): array
    {
        $modes = array_map(strval(...), array_keys($this->words->modes->modes));
        $hows = array_map(static fn (FoundBy $one): string => $one->value, FoundBy::cases());
        $looks = [];
        foreach ($case->maps('clean', 'place') as $one) {
            $one->only(['place', 'mode', 'how']);
            [$part, $surface] = $this->place($one);
            $looks[] = new LookFact(
                $part,
                $surface,
                null,
                0,
                for: $one->has('mode') ? $one->oneOf('mode', $modes, 'kind of damage') : '',
                how: FoundBy::from($one->has('how') ? $one->oneOf('how', $hows, 'way of looking') : FoundBy::Eye->value),
            );
        }

        return $looks;
    }

    /** @return list<ReadingFact> */
    private function readings(Told $case): array
    {
        $verdicts = array_map(static fn (LimitVerdict $one): string => $one->value, LimitVerdict::cases());
        $readings = [];
        foreach ($case->maps('readings', 'field') as $one) {
            $one->only(['place', 'field', 'verdict', 'direction']);
            $field = $one->has('field') ? $one->oneOf('field', $this->words->fields(), 'reading of this book') : '';
            $place = '' !== $field ? $field : ($one->has('place') ? implode('/', array_filter($this->place($one))) : '');
            $readings[] = new ReadingFact(
                explode('/', $place)[0],
                '' === $field ? '' : $this->words->book->fieldName($field),
                LimitVerdict::from($one->oneOf('verdict', $verdicts, 'verdict')),
                $one->has('direction') ? $this->says($one->oneOf('direction', ReadingSays::directions(), 'direction'), $field) : null,
                $field,
                $this->words->book->field($field)?->between() ?? [],
            );
        }

        return $readings;
    }

    private function says(string $direction, string $field): ReadingSays
    {
        return ReadingSays::tryFrom($direction)
            ?? ReadingSays::ofField($direction, $this->words->book->field($field));
    }

    /** @return array{string, ?string} part and surface */
    private function place(Told $one): array
    {
        $place = explode('/', $one->oneOf('place', $this->words->places(), 'place of this book'));

        return [$place[0], $place[1] ?? null];
    }
}
