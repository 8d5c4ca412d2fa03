<?php

declare(strict_types=1);

namespace App\Proof\Form;

use App\Platform\Words;
use Japhrex\Core\Proof\Channel;

/** A test stand as it is typed: its name, and what its gauges do not know. */
final readonly class StandInput
{
    public string $name;

    /** @var array<string, string> expanded uncertainty by channel, of those that were typed */
    public array $expanded;

    public function __construct(
        string $name = '',
        string $flow = '',
        string $pressure = '',
        string $temperature = '',
        string $speed = '',
    ) {
        $this->name = Words::of($name, 80);
        $typed = [
            Channel::Flow->value => Words::of($flow, 40),
            Channel::Pressure->value => Words::of($pressure, 40),
            Channel::Temperature->value => Words::of($temperature, 40),
            Channel::Speed->value => Words::of($speed, 40),
        ];
        $this->expanded = array_filter($typed, static fn (string $one): bool => '' !== $one);
    }
}
