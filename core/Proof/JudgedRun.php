<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

/** Is enough of a run within what the clearances let expect, or above it? */
final readonly class JudgedRun implements \JsonSerializable
{
    /**
     * @param float $share of the run that is not short
     * @param float $short by how much at the worst, as a share
     * @param bool $warm is it short in the warmer half only?
     */
    public function __construct(public bool $passed, public float $share, public float $short, public bool $warm)
    {
    }

    /** @param array<string, bool|float|int> $stored */
    public static function read(array $stored): self
    {
        return new self((bool) $stored['passed'], (float) $stored['share'], (float) $stored['short'], (bool) $stored['warm']);
    }

    public function says(): string
    {
        $run = \sprintf(
            '%s %.0f %% of the run lies in what the clearances let expect or above it; at the worst the flow is %.0f %% short.',
            $this->passed ? 'Passed:' : 'Missed:',
            100 * $this->share,
            100 * $this->short,
        );

        return match (true) {
            $this->passed => $run,
            $this->warm => $run
                .' It falls short only once it is warm: hot oil runs through clearances, faces and side clearance first.',
            default => $run.' It falls short cold as well: suction, displacement, a valve that does not close, a part the wrong way.',
        };
    }

    /** @return array<string, bool|float> as it is stored */
    public function jsonSerialize(): array
    {
        return ['passed' => $this->passed, 'share' => $this->share, 'short' => $this->short, 'warm' => $this->warm];
    }
}
