<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure;

use Japhrex\Core\Figure\Input\Open;
use Japhrex\Core\Figure\Input\Taken;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;

/** Reads what was typed for the keys of a figure. */
final class InputReader
{
    /** @var array<string, Key> */
    private readonly array $keys;

    /** @var array<string, Open> the keys that take any dimension */
    private readonly array $open;

    /** @var array<string, Taken> what stands for the keys that are left out */
    private readonly array $defaults;

    /**
     * @var array<string, array{string, Dimension|null, Taken}> what was read last, since a run of readings repeats its limits and its gauge
     */
    private array $last = [];

    public function __construct(private readonly Card $card)
    {
        $keys = [];
        $open = [];
        foreach ($card->keys as $key) {
            $keys[$key->name] = $key;
            if ($key->takes instanceof Open) {
                $open[$key->name] = $key->takes;
            }
        }
        $this->keys = $keys;
        $this->open = $open;
        $this->defaults = array_map(
            static fn (Key $key): Taken => $key->takes->take((string) $key->default, null),
            array_filter($keys, static fn (Key $key): bool => null !== $key->default),
        );
    }

    /**
     * @param array<string, string> $typed key => value, in the order typed
     *
     * @throws FigureError naming the key that is unknown, missing, unreadable or out of range
     */
    public function read(array $typed): Inputs
    {
        $this->checkNames($typed);
        [$dimension, $taken] = $this->openDimension($typed);
        $given = [];
        foreach (array_keys($this->keys) as $name) {
            if (isset($typed[$name])) {
                $taken[$name] ??= $this->take($name, $typed[$name], $dimension);
                $given[$name] = $taken[$name];
            } elseif (isset($this->defaults[$name])) {
                $taken[$name] = $this->defaults[$name];
            }
        }

        return new Inputs($taken, $given, $dimension, $this->answerUnit($dimension, $taken, $typed));
    }

    /**
     * What is wrong with what was typed so far, whatever is still missing; for a screen that answers while one types.
     *
     * @param array<string, string> $typed
     *
     * @return array<string, string> by key
     */
    public function errors(array $typed): array
    {
        $errors = [];
        $dimension = null;
        try {
            [$dimension] = $this->openDimension(array_intersect_key($typed, $this->keys));
        } catch (FigureError $error) {
            $errors[(string) $error->key] = $error->getMessage();
        }
        foreach ($typed as $name => $text) {
            try {
                isset($this->keys[$name])
                    ? (isset($this->open[$name]) ? null : $this->take($name, $text, $dimension))
                    : $this->checkNames([$name => $text]);
            } catch (FigureError $error) {
                $errors[$name] = $error->getMessage();
            }
        }

        return $errors;
    }

    /** @param array<string, string> $typed */
    private function checkNames(array $typed): void
    {
        foreach ($typed as $name => $text) {
            if (!isset($this->keys[$name])) {
                throw new FigureError(
                    \sprintf('"%s" is no key of %s; it takes %s.', $name, $this->card->name, implode(', ', array_keys($this->keys))),
                    (string) $name,
                );
            }
        }
        foreach ($this->keys as $name => $key) {
            if (!isset($typed[$name]) && $key->isRequired()) {
                throw new FigureError(\sprintf('%s is missing: %s (%s).', $name, $key->meaning, $key->takes->words()), $name);
            }
        }
    }

    /**
     * The one dimension in which everything typed for the open keys makes sense, and what they are then.
     *
     * @param array<string, string> $typed
     *
     * @return array{Dimension|null, array<string, Taken>}
     */
    private function openDimension(array $typed): array
    {
        $open = array_intersect_key($this->open, $typed);
        $first = array_key_first($open);
        if (null === $first) {
            return [null, []];
        }
        try {
            $candidates = $open[$first]->dimensions($typed[$first]);
        } catch (QuantityError $error) {
            throw new FigureError($first.': '.$error->getMessage(), $first);
        }
        $refused = null;
        foreach ($candidates as $dimension) {
            try {
                $taken = [];
                foreach ($open as $name => $takes) {
                    $taken[$name] = $this->take($name, $typed[$name], $dimension);
                }

                return [$dimension, $taken];
            } catch (FigureError $error) {
                $refused ??= $error;
            }
        }
        throw $refused ?? new FigureError('No readings were typed.', $first);
    }

    private function take(string $name, string $text, ?Dimension $open): Taken
    {
        [$before, $then, $taken] = $this->last[$name] ?? [null, null, null];
        if ($before === $text && $then === $open && null !== $taken) {
            return $taken;
        }
        try {
            $taken = $this->keys[$name]->takes->take($text, $open);
            $this->last[$name] = [$text, $open, $taken];

            return $taken;
        } catch (QuantityError $error) {
            throw new FigureError($name.': '.$error->getMessage(), $name);
        }
    }

    /**
     * Millimetres for a length, else the unit of the first value typed.
     *
     * @param array<string, Taken> $taken
     * @param array<string, string> $typed
     */
    private function answerUnit(?Dimension $dimension, array $taken, array $typed): string
    {
        if (null === $dimension || Dimension::Length === $dimension) {
            return 'mm';
        }
        foreach (array_keys($typed) as $name) {
            $first = isset($this->open[$name]) ? $taken[$name]->firstQuantity() : null;
            if (null !== $first) {
                return $first->typedUnit;
            }
        }

        return '';
    }
}
