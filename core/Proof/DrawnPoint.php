<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

use Japhrex\Core\Quantity\BareNumber;

/** What a run showed within a span of time: lowest, highest and mean of each channel, in SI. */
final readonly class DrawnPoint implements \JsonSerializable
{
    /**
     * @param float $t middle of the span, in seconds since the first row
     * @param array<string, float> $low by channel
     * @param array<string, float> $high by channel
     * @param array<string, float> $mean by channel
     */
    public function __construct(public float $t, public array $low, public array $high, public array $mean)
    {
    }

    /** As it was stored; null: it holds no numbers that a stand could show. */
    public static function read(mixed $stored): ?self
    {
        $t = \is_array($stored) ? BareNumber::of($stored['t'] ?? null) : null;
        if (null === $t || !\is_array($stored)) {
            return null;
        }
        $channels = [];
        foreach (['low', 'high', 'mean'] as $of) {
            if (!\is_array($stored[$of] ?? null)) {
                return null;
            }
            $channels[$of] = [];
            foreach ($stored[$of] as $name => $value) {
                $number = BareNumber::of($value);
                if (null === $number) {
                    return null;
                }
                $channels[$of][(string) $name] = $number;
            }
        }

        return new self($t, $channels['low'], $channels['high'], $channels['mean']);
    }

    public function after(float $seconds): self
    {
        return new self($this->t + $seconds, $this->low, $this->high, $this->mean);
    }

    /**
     * Neighbours as one.
     *
     * @param non-empty-list<self> $some
     */
    public static function together(array $some): self
    {
        $low = $high = $mean = [];
        foreach (array_keys($some[0]->mean) as $name) {
            $low[$name] = min(array_map(static fn (self $point): float => $point->low[$name], $some));
            $high[$name] = max(array_map(static fn (self $point): float => $point->high[$name], $some));
            $mean[$name] = array_sum(array_map(static fn (self $point): float => $point->mean[$name], $some)) / \count($some);
        }

        return new self(array_sum(array_column($some, 't')) / \count($some), $low, $high, $mean);
    }

    /** @return array<string, mixed> as it is stored */
    public function jsonSerialize(): array
    {
        return ['t' => $this->t, 'low' => $this->low, 'high' => $this->high, 'mean' => $this->mean];
    }
}
