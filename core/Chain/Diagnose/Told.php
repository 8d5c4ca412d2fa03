<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Diagnose;

/** A map of a case as it was told, asked for with types; every refusal names the place and what would be right. */
final readonly class Told
{
    /** @param array<mixed> $map */
    public function __construct(private array $map, private string $path = '')
    {
    }

    /** @param list<string> $keys that may stand here */
    public function only(array $keys): void
    {
        foreach (array_keys($this->map) as $key) {
            if (!\in_array((string) $key, $keys, true)) {
                throw DiagnoseError::unknown($this->at((string) $key), (string) $key, $keys, 'key of this place');
            }
        }
    }

    public function has(string $key): bool
    {
        return isset($this->map[$key]);
    }

    public function text(string $key): string
    {
        $value = $this->map[$key] ?? '';

        return \is_string($value) || \is_int($value) || \is_float($value)
            ? (string) $value
            : throw DiagnoseError::expected($this->at($key), 'a text');
    }

    /** @param list<string> $known */
    public function oneOf(string $key, array $known, string $what): string
    {
        $is = $this->text($key);

        return \in_array($is, $known, true) ? $is : throw DiagnoseError::unknown($this->at($key), $is, $known, $what);
    }

    public function yesNo(string $key): ?bool
    {
        $value = $this->map[$key] ?? null;

        return null === $value || \is_bool($value) ? $value : throw DiagnoseError::expected($this->at($key), 'true or false');
    }

    public function number(string $key): ?float
    {
        $value = $this->map[$key] ?? null;

        return match (true) {
            null === $value => null,
            (\is_int($value) || \is_float($value)) && $value >= 0 && is_finite((float) $value) => (float) $value,
            default => throw DiagnoseError::expected($this->at($key), 'a number that is not below nothing'),
        };
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        return array_map(
            fn (mixed $one): string => \is_string($one) ? $one : throw DiagnoseError::expected($this->at($key), 'a list of texts'),
            $this->list($key),
        );
    }

    /** @return list<self> a text that stands for a map is the value of its first key */
    public function maps(string $key, string $first): array
    {
        $maps = [];
        foreach ($this->list($key) as $i => $one) {
            $maps[] = new self(match (true) {
                \is_array($one) => $one,
                \is_string($one) => [$first => $one],
                default => throw DiagnoseError::expected($this->at($key.'/'.$i), 'a map'),
            }, $this->at($key.'/'.$i));
        }

        return $maps;
    }

    /** @return array<string, mixed> */
    public function map(string $key): array
    {
        $value = $this->map[$key] ?? [];

        return \is_array($value) ? array_combine(array_map(strval(...), array_keys($value)), array_values($value))
            : throw DiagnoseError::expected($this->at($key), 'a map');
    }

    public function at(string $key): string
    {
        return ltrim($this->path.'/'.$key, '/');
    }

    /** @return list<mixed> */
    private function list(string $key): array
    {
        $value = $this->map[$key] ?? [];

        return \is_array($value) && array_is_list($value) ? $value : throw DiagnoseError::expected($this->at($key), 'a list');
    }
}
