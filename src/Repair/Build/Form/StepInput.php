<?php

declare(strict_types=1);

namespace App\Repair\Build\Form;

use App\Platform\Words;

/** What is typed at a step of the build. */
final readonly class StepInput
{
    public string $withWhom;

    public string $readings;

    public string $present;

    public string $stock;

    public string $most;

    public string $torque;

    public string $turns;

    public string $done;

    public function __construct(
        /** @var array<mixed> */
        public array $counts = [],
        /** @var array<mixed> */
        public array $facings = [],
        /** @var array<mixed> */
        public array $mates = [],
        /** @var array<mixed> */
        public array $rounds = [],
        /** @var array<mixed> */
        public array $cleaned = [],
        string $withWhom = '',
        string $readings = '',
        string $present = '',
        string $stock = '',
        string $most = '',
        string $torque = '',
        string $turns = '',
        string $done = '',
    ) {
        $this->withWhom = Words::of($withWhom, 80);
        $this->readings = Words::of($readings, 200);
        $this->present = Words::of($present, 200);
        $this->stock = Words::of($stock, 200);
        $this->most = Words::of($most, 200);
        $this->torque = Words::of($torque, 200);
        $this->turns = Words::of($turns, 200);
        $this->done = Words::of($done, 200);
    }

    /**
     * @return array{
     *     readings: string, present: string, stock: string, most: string, torque: string, turns: string, done: string,
     *     counts: array<string, string>, facings: list<string>, mates: list<string>, rounds: list<string>, cleaned: list<string>,
     * }
     */
    public function answer(): array
    {
        $words = static fn (array $list): array => array_values(array_filter($list, is_string(...)));
        $counts = [];
        foreach ($this->counts as $what => $count) {
            $counts[(string) $what] = \is_string($count) ? mb_substr($count, 0, 10) : '';
        }

        return [
            'readings' => $this->readings,
            'present' => $this->present,
            'stock' => $this->stock,
            'most' => $this->most,
            'torque' => $this->torque,
            'turns' => $this->turns,
            'done' => $this->done,
            'counts' => $counts,
            'facings' => $words($this->facings),
            'mates' => $words($this->mates),
            'rounds' => $words($this->rounds),
            'cleaned' => $words($this->cleaned),
        ];
    }
}
