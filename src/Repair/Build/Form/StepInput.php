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

    public string $fresh;

    public string $broke;

    public string $renewed;

    public string $position;

    public string $why;

    public string $applies;

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
        /** @var array<mixed> part => why it was put in the other way round */
        public array $purpose = [],
        /** @var array<mixed> places of unequal fasteners that were looked at */
        public array $lengths = [],
        /** @var array<mixed> small parts that lie where they belong */
        public array $laid = [],
        /** @var array<mixed> how it catches */
        public array $bind = [],
        string $withWhom = '',
        string $readings = '',
        string $present = '',
        string $stock = '',
        string $most = '',
        string $torque = '',
        string $turns = '',
        string $done = '',
        string $fresh = '',
        string $broke = '',
        string $renewed = '',
        string $position = '',
        string $why = '',
        string $applies = '',
    ) {
        $this->withWhom = Words::of($withWhom, 80);
        $this->readings = Words::of($readings, 200);
        $this->present = Words::of($present, 200);
        $this->stock = Words::of($stock, 200);
        $this->most = Words::of($most, 200);
        $this->torque = Words::of($torque, 200);
        $this->turns = Words::of($turns, 200);
        $this->done = Words::of($done, 200);
        $this->fresh = Words::of($fresh, 10);
        $this->broke = Words::of($broke, 200);
        $this->renewed = Words::of($renewed, 200);
        $this->position = Words::of($position, 10);
        $this->why = Words::of($why, 500);
        $this->applies = Words::of($applies, 10);
    }

    /**
     * @return array{
     *     readings: string, present: string, stock: string, most: string, torque: string, turns: string, done: string,
     *     fresh: string, broke: string, renewed: string, position: string, why: string, applies: string,
     *     counts: array<string, string>, purpose: array<string, string>, bind: array<string, string>, facings: list<string>,
     *     mates: list<string>, rounds: list<string>, cleaned: list<string>, lengths: list<string>, laid: list<string>,
     * }
     */
    public function answer(): array
    {
        $words = static fn (array $list): array => array_values(array_filter($list, is_string(...)));

        return [
            'readings' => $this->readings,
            'present' => $this->present,
            'stock' => $this->stock,
            'most' => $this->most,
            'torque' => $this->torque,
            'turns' => $this->turns,
            'done' => $this->done,
            'fresh' => $this->fresh,
            'broke' => $this->broke,
            'renewed' => $this->renewed,
            'position' => $this->position,
            'why' => $this->why,
            'applies' => $this->applies,
            'counts' => self::named($this->counts, 10),
            'purpose' => self::named($this->purpose, 500),
            'bind' => self::named($this->bind, 200),
            'facings' => $words($this->facings),
            'mates' => $words($this->mates),
            'rounds' => $words($this->rounds),
            'cleaned' => $words($this->cleaned),
            'lengths' => $words($this->lengths),
            'laid' => $words($this->laid),
        ];
    }

    /**
     * @param array<mixed> $typed
     *
     * @return array<string, string>
     */
    private static function named(array $typed, int $most): array
    {
        $named = [];
        foreach ($typed as $what => $words) {
            $named[(string) $what] = \is_string($words) ? Words::of($words, $most) : '';
        }

        return $named;
    }
}
