<?php

declare(strict_types=1);

namespace Japhrex\StandIns\Stand;

/** A centrifugal pump with its outlet opened step by step: its head falls with the square of the flow. */
final readonly class ThrowingPump implements PlayedPump
{
    /** Share of the head that is left, and of the flow that is lost at random. */
    private const FAULTS = ['none' => [1.0, 0.0], 'worn' => [0.82, 0.0], 'air' => [0.9, 0.25], 'backwards' => [0.45, 0.0]];

    /** Head with the outlet shut, Pa, and the flow without any, m³/s. */
    private const SHUT = 3.2e5;
    private const OPEN = 0.012;

    /** @throws \DomainException if the fault is not known */
    public function __construct(private string $fault = 'none')
    {
        isset(self::FAULTS[$fault]) || throw new \DomainException(
            \sprintf('There is no fault “%s”; expected %s.', $fault, implode(', ', array_keys(self::FAULTS))),
        );
    }

    public function at(float $done, float $celsius): array
    {
        $flow = self::OPEN * 0.2 * min(4, (int) (5 * $done));
        $head = self::SHUT * self::FAULTS[$this->fault][0] * (1 - ($flow / self::OPEN) ** 2);

        return [$flow, $head, 24.2];
    }

    public function unsteady(): float
    {
        return self::FAULTS[$this->fault][1];
    }
}
