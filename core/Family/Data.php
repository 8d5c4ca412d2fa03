<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** A map read from a book's file, asked for with types; every refusal names the place. */
final readonly class Data
{
    /** @param array<mixed> $map */
    public function __construct(private array $map, private string $path = '')
    {
    }

    public function has(string $key): bool
    {
        return isset($this->map[$key]);
    }

    public function text(string $key): string
    {
        return $this->textOrNull($key) ?? throw new BookError('is missing; expected a text.', $this->at($key));
    }

    public function textOrNull(string $key): ?string
    {
        $value = $this->map[$key] ?? null;
        if (null === $value || \is_string($value)) {
            return $value;
        }

        return \is_int($value) || \is_float($value) ? (string) $value : throw new BookError('expected a text.', $this->at($key));
    }

    public function number(string $key, int $default): int
    {
        $value = $this->map[$key] ?? $default;

        return \is_int($value) ? $value : throw new BookError('expected a whole number.', $this->at($key));
    }

    public function flag(string $key): bool
    {
        return true === ($this->map[$key] ?? false);
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $texts = [];
        foreach ($this->list($key) as $i => $value) {
            $texts[] = \is_string($value) ? $value : throw new BookError('expected a text.', $this->at($key.'/'.$i));
        }

        return $texts;
    }

    /** @return list<self> */
    public function maps(string $key): array
    {
        $maps = [];
        foreach ($this->list($key) as $i => $value) {
            $maps[] = \is_array($value)
                ? new self($value, $this->at($key.'/'.$i))
                : throw new BookError('expected keys and values.', $this->at($key.'/'.$i));
        }

        return $maps;
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->map));
    }

    public function map(string $key): self
    {
        return new self($this->array($key), $this->at($key));
    }

    /** @return array<string, self> */
    public function named(string $key): array
    {
        $named = [];
        foreach ($this->array($key) as $name => $value) {
            $named[(string) $name] = \is_array($value)
                ? new self($value, $this->at($key.'/'.$name))
                : throw new BookError('expected keys and values.', $this->at($key.'/'.$name));
        }

        return $named;
    }

    /** @return array<string, string> */
    public function words(string $key): array
    {
        $words = [];
        foreach ($this->array($key) as $name => $value) {
            $words[(string) $name] = \is_scalar($value)
                ? (string) $value
                : throw new BookError('expected a text.', $this->at($key.'/'.$name));
        }

        return $words;
    }

    /** @return array<string, int> name => a whole number of 1 or more */
    public function counts(string $key): array
    {
        $counts = [];
        foreach ($this->array($key) as $name => $value) {
            $counts[(string) $name] = \is_int($value) && $value > 0
                ? $value
                : throw new BookError('expected a whole number of 1 or more.', $this->at($key.'/'.$name));
        }

        return $counts;
    }

    /** @return list<float> one number or a list of them */
    public function numbers(string $key): array
    {
        $value = $this->map[$key] ?? [];

        return $this->floats(\is_array($value) ? $value : [$value], $key);
    }

    /** @return list<list<float>> */
    public function lists(string $key): array
    {
        $lists = [];
        foreach ($this->list($key) as $i => $value) {
            $lists[] = $this->floats(\is_array($value) ? $value : [$value], $key.'/'.$i);
        }

        return $lists;
    }

    /**
     * @param array<mixed> $values
     *
     * @return list<float>
     */
    private function floats(array $values, string $key): array
    {
        $numbers = [];
        foreach ($values as $one) {
            $numbers[] = \is_int($one) || \is_float($one) ? (float) $one : throw new BookError('expected a number.', $this->at($key));
        }

        return $numbers;
    }

    public function quantity(string $key, ?Dimension $dimension = null): ?Quantity
    {
        $text = $this->textOrNull($key);
        if (null === $text) {
            return null;
        }
        try {
            return Quantity::parse($text, $dimension ?? Quantity::dimensionsOf($text)[0]);
        } catch (QuantityError $error) {
            throw new BookError($error->getMessage(), $this->at($key));
        }
    }

    public function fail(string $message, string $key = ''): never
    {
        throw new BookError($message, '' === $key ? $this->path : $this->at($key));
    }

    /** @return list<mixed> */
    private function list(string $key): array
    {
        return array_values($this->array($key));
    }

    /** @return array<mixed> */
    private function array(string $key): array
    {
        $value = $this->map[$key] ?? [];

        return \is_array($value) ? $value : throw new BookError('expected a list or keys.', $this->at($key));
    }

    private function at(string $key): string
    {
        return '' === $this->path ? $key : $this->path.'/'.$key;
    }
}
