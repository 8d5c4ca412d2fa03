<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Family\Identity\Choice;

/** Which units of a family a step is for, where it is not for all of them. What is left empty tells none apart. */
final readonly class Variant
{
    /**
     * @param list<string> $models maker and model
     * @param list<string> $versions letter or index on the tag
     * @param int|null $from year of the first that has it
     * @param int|null $to year of the last that has it
     * @param string $rotation left or right
     * @param list<string> $duties keys of the book's duties
     * @param array<string, list<string>> $variants key of a choice of the book => keys of its options
     */
    public function __construct(
        public array $models = [],
        public array $versions = [],
        public ?int $from = null,
        public ?int $to = null,
        public string $rotation = '',
        public array $duties = [],
        public array $variants = [],
    ) {
    }

    /** @throws BookError naming the place: years in the wrong order, a rotation that is none, nothing that tells apart */
    public static function of(Data $data): ?self
    {
        if (!$data->has('for')) {
            return null;
        }
        $for = $data->map('for');
        [$from, $to] = array_map(
            static fn (string $end): ?int => $for->has($end) ? $for->number($end, 0) : null,
            ['from', 'to'],
        );
        $one = new self(
            $for->texts('models'),
            $for->texts('versions'),
            $from,
            $to,
            $for->textOrNull('rotation') ?? '',
            $for->texts('duties'),
            $for->has('variants') ? self::chosen($for->map('variants')) : [],
        );
        if (null !== $from && null !== $to && $from > $to) {
            $for->fail(\sprintf('begins in %d, after it ends in %d.', $from, $to), 'from');
        }
        if (!\in_array($one->rotation, ['', 'left', 'right'], true)) {
            $for->fail('expected left or right.', 'rotation');
        }
        '' === $one->says() && $for->fail('names no model, version, year, rotation, duty or variant that would tell units apart.');

        return $one;
    }

    /** Is it for this unit? null: the unit does not say what would decide it, and nothing that it says speaks against it. */
    public function isFor(UnitIs $unit): ?bool
    {
        $told = [
            self::among($this->models, $unit->model),
            self::among($this->versions, $unit->version),
            self::among('' === $this->rotation ? [] : [$this->rotation], 'both' === $unit->rotation ? '' : $unit->rotation),
            self::among($this->duties, $unit->duty),
            null === $this->from && null === $this->to
                ? true
                : (null === $unit->built ? null : $unit->built >= ($this->from ?? 0) && $unit->built <= ($this->to ?? \PHP_INT_MAX)),
            ...array_values(array_map(
                static fn (string $choice, array $those): ?bool => self::among($those, $unit->chosen[$choice] ?? ''),
                array_keys($this->variants),
                $this->variants,
            )),
        ];

        return \in_array(false, $told, true) ? false : (\in_array(null, $told, true) ? null : true);
    }

    /** The variant, where the unit does not say whether it is one; null: it is, or every unit is. */
    public static function open(?self $variant, UnitIs $unit): ?self
    {
        return null === $variant?->isFor($unit) ? $variant : null;
    }

    /**
     * Which units it is for, for a reader.
     *
     * @param array<string, Duty> $duties of the book, for their names
     * @param array<string, Choice> $choices of the book, for what they are called
     */
    public function says(array $duties = [], array $choices = []): string
    {
        return implode(', ', array_filter([
            implode(' or ', $this->models),
            [] === $this->versions ? '' : 'version '.implode(' or ', $this->versions),
            match (true) {
                null !== $this->from && null !== $this->to => \sprintf('built %d to %d', $this->from, $this->to),
                null !== $this->from => \sprintf('built since %d', $this->from),
                null !== $this->to => \sprintf('built up to %d', $this->to),
                default => '',
            },
            '' === $this->rotation ? '' : $this->rotation.'-hand rotation',
            implode(' or ', array_map(static fn (string $key): string => lcfirst($duties[$key]->name ?? $key), $this->duties)),
            ...array_map(static fn (string $choice, array $those): string => implode(
                ' or ',
                array_map(static fn (string $key): string => lcfirst($choices[$choice]->options[$key] ?? $key), $those),
            ), array_keys($this->variants), $this->variants),
        ]));
    }

    /**
     * @param list<string> $those none: it does not matter
     *
     * @return bool|null null: the unit does not say
     */
    private static function among(array $those, string $is): ?bool
    {
        $plain = static fn (string $words): string => (string) preg_replace('/[^A-Z0-9]/', '', strtoupper($words));

        return [] === $those ? true : ('' === $plain($is) ? null : \in_array($plain($is), array_map($plain, $those), true));
    }

    /** @return array<string, list<string>> */
    private static function chosen(Data $variants): array
    {
        $chosen = [];
        foreach ($variants->keys() as $choice) {
            $chosen[$choice] = $variants->texts($choice);
        }

        return $chosen;
    }
}
