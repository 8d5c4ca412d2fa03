<?php

declare(strict_types=1);

namespace Japhrex\Core\Laboratory;

use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Data;

/** Something that a laboratory reads in a fluid. */
final readonly class Analyte
{
    private const OF_NEW = ['', 'share', 'amount'];

    /**
     * @param list<string> $also what laboratories call it
     * @param string $ofNew `share`: bounds are per cent of the fresh fluid's; `amount`: in its unit; empty: of the value itself
     * @param bool $isCode is it a code of classes, as 18/16/13?
     * @param string $target the code that is wanted where nobody says another
     */
    private function __construct(
        public string $key,
        public string $name,
        public array $also,
        public string $unit,
        public string $ofNew,
        public bool $isCode,
        public string $target,
        public ?Bound $above,
        public ?Bound $below,
    ) {
    }

    /** @throws BookError naming the place that cannot be read */
    public static function of(string $key, Data $data): self
    {
        $ofNew = $data->textOrNull('of-new') ?? '';

        return new self(
            $key,
            $data->text('name'),
            $data->texts('also'),
            $data->text('unit'),
            \in_array($ofNew, self::OF_NEW, true) ? $ofNew : $data->fail('expected share or amount.', 'of-new'),
            'code' === $data->textOrNull('is'),
            $data->textOrNull('target') ?? '',
            $data->has('above') ? self::bound($data->map('above')) : null,
            $data->has('below') ? self::bound($data->map('below')) : null,
        );
    }

    public function isCalled(string $name): bool
    {
        $plain = static fn (string $words): string => (string) preg_replace('/[^a-z0-9]/', '', strtolower($words));

        return \in_array($plain($name), array_map($plain, [$this->key, $this->name, ...$this->also]), true);
    }

    /**
     * @param string $typed value as the laboratory gives it
     * @param string $new the fresh fluid's, or the code that is wanted; empty: nobody knows
     *
     * @throws LabError saying what would be right
     */
    public function judge(string $typed, string $new): LabVerdict
    {
        if ($this->isCode) {
            return $this->judgeCode($typed, '' === $new ? $this->target : $new);
        }
        $value = self::number($typed) ?? throw LabError::noNumber($this, $typed);
        if ('' === $this->ofNew) {
            return $this->verdict($typed, $value, $value);
        }
        $fresh = '' === $new ? null : self::number($new) ?? throw LabError::noNumber($this, $new);
        if (null === $fresh || ('share' === $this->ofNew && $fresh <= 0)) {
            return new LabVerdict($this, $typed, LabState::Open, 'What it was in the fresh fluid is not known.', '');
        }

        return $this->verdict($typed, $value, 'share' === $this->ofNew ? ($value / $fresh - 1) * 100 : $value - $fresh);
    }

    private function verdict(string $typed, float $value, float $by): LabVerdict
    {
        foreach ([[$this->above, $by], [$this->below, -$by]] as [$bound, $far]) {
            $state = $bound?->state($far) ?? LabState::Normal;
            if (null !== $bound && LabState::Normal !== $state) {
                return new LabVerdict($this, $typed, $state, $bound->says, $bound->speaks);
            }
        }

        return new LabVerdict($this, $typed, LabState::Normal, '', '');
    }

    /** By the class that is farthest above the one that is wanted; a size that was not counted (`-`, `*`) says nothing. */
    private function judgeCode(string $typed, string $target): LabVerdict
    {
        [$is, $wanted] = [self::classes($typed), self::classes($target)];
        if (null === $is || null === $wanted) {
            throw LabError::noCode($this, null === $is ? $typed : $target);
        }
        $over = [];
        foreach ($is as $i => $class) {
            if (null !== $class && null !== ($wanted[$i] ?? null)) {
                $over[] = (float) ($class - $wanted[$i]);
            }
        }

        return [] === $over
            ? new LabVerdict($this, $typed, LabState::Open, 'No size was counted in both.', '')
            : $this->verdict($typed, 0.0, max($over));
    }

    /** @return list<int|null>|null */
    private static function classes(string $code): ?array
    {
        if (1 !== preg_match('~^(\d{1,2}|[-*])/(\d{1,2}|[-*])(?:/(\d{1,2}|[-*]))?$~', trim($code), $found)) {
            return null;
        }

        return array_map(static fn (string $one): ?int => is_numeric($one) ? (int) $one : null, \array_slice($found, 1));
    }

    /** "<5" is less than that: it counts as half of it. */
    private static function number(string $typed): ?float
    {
        $plain = str_replace(',', '.', trim($typed));
        $isBelow = str_starts_with($plain, '<');
        $plain = trim(ltrim($plain, '<'));

        return is_numeric($plain) && is_finite((float) $plain) && (float) $plain >= 0 ? (float) $plain / ($isBelow ? 2 : 1) : null;
    }

    private static function bound(Data $data): Bound
    {
        $amount = static function (string $key) use ($data): float {
            $typed = $data->text($key);

            return is_numeric($typed) && (float) $typed > 0 ? (float) $typed : $data->fail('expected a number above nought.', $key);
        };
        [$watch, $bad] = [$amount('watch'), $amount('bad')];

        return $watch < $bad
            ? new Bound($watch, $bad, $data->text('says'), $data->textOrNull('speaks') ?? '')
            : $data->fail('expected more than what is worth a look.', 'bad');
    }
}
