<?php

declare(strict_types=1);

namespace App\Figures;

use Japhrex\Core\Figure\Inputs;
use Japhrex\Core\Figure\Outcome;
use Japhrex\Core\Figure\Result;

/** Pictures of an answer that are no curves: a value between its limits, a stack, a circle of bolts, bars. */
final readonly class Pictures
{
    public function __construct(private FigureTwig $words)
    {
    }

    /** @return list<Drawing> */
    public function picturesOf(Asked $asked): array
    {
        $outcome = $asked->outcome;
        $inputs = $asked->inputs;
        if (null === $outcome || null === $inputs) {
            return [];
        }

        return match ($asked->card->name) {
            'reading-verdict', 'bracket-verdict' => $this->onLine($this->verdict($inputs, $outcome)),
            'difference' => $this->onLine($this->difference($outcome)),
            'agreement' => $this->onLine($this->agreement($inputs)),
            'filter-flow' => $this->onLine($this->filter($inputs, $outcome)),
            'rate', 'kappa' => $this->onLine($this->share($outcome, $asked->card->name)),
            'shim-pick' => $this->stack($this->shims($inputs, $outcome)),
            'clutch-pack' => $this->stack($this->pack($inputs, $outcome)),
            'bolt-sequence' => [new Drawing('figures/_circle.svg.twig', ['bolts' => $this->bolts($outcome)])],
            'pareto' => $this->bars($this->pareto($outcome)),
            'cleanliness' => $this->bars($this->classes($outcome)),
            default => [],
        };
    }

    private function verdict(Inputs $inputs, Outcome $outcome): NumberLine
    {
        $mean = $this->si($outcome, 'mean');
        $guard = $this->si($outcome, 'guard');
        $line = (new NumberLine())->span(
            'allowed',
            $inputs->has('min') ? $inputs->si('min') : -\INF,
            $inputs->has('max') ? $inputs->si('max') : \INF,
            'allowed',
        )->span('guard', $mean - $guard, $mean + $guard)->mark('value', $mean, $this->say($outcome, 'mean'));
        foreach (['new', 'min', 'max'] as $key) {
            if ($inputs->has($key)) {
                $line->mark('new' === $key ? 'new' : 'limit', $inputs->si($key), $key);
            }
        }

        return $line;
    }

    private function difference(Outcome $outcome): NumberLine
    {
        [$d, $u] = [$this->si($outcome, 'difference'), $this->si($outcome, 'u')];

        return (new NumberLine())->span('guard', $d - 2 * $u, $d + 2 * $u, '± 2u')->mark(
            'value',
            $d,
            $this->say($outcome, 'difference'),
        )->mark('limit', 0.0, '0');
    }

    private function filter(Inputs $inputs, Outcome $outcome): NumberLine
    {
        $most = $inputs->si('most');
        $line = (new NumberLine())->span('allowed', 0.0, $most / 3, 'leaves room for dirt')
            ->mark('value', $this->si($outcome, 'drop'), $this->say($outcome, 'drop'))
            ->mark('limit', $most, 'most');

        return $inputs->has('cold') ? $line->mark('new', $this->si($outcome, 'cold-drop'), 'cold') : $line;
    }

    private function agreement(Inputs $inputs): NumberLine
    {
        $line = new NumberLine();
        foreach (['a', 'b'] as $key) {
            $line->span(
                'guard',
                $inputs->si($key) - $inputs->si('expanded-'.$key),
                $inputs->si($key) + $inputs->si('expanded-'.$key),
            )->mark('value', $inputs->si($key), $key);
        }

        return $line;
    }

    private function share(Outcome $outcome, string $name): NumberLine
    {
        $value = 'rate' === $name ? 'share' : 'kappa';

        return (new NumberLine())->span('allowed', 0.0, 1.0)->span(
            'guard',
            $this->si($outcome, 'low'),
            $this->si($outcome, 'high'),
            '95 %',
        )->mark('value', $this->si($outcome, $value), $this->say($outcome, $value))->mark('limit', 0.0, '0')->mark('limit', 1.0, '1');
    }

    /** @return list<array{float, string, string}> thickness, class, label: from the floor up */
    private function shims(Inputs $inputs, Outcome $outcome): array
    {
        $shims = $outcome->results()['shims'];
        $stack = array_map(
            fn (float $si): array => [$si, 'solid', $this->words->words(new Result($si * 1000, 'mm', $shims->dimension))],
            $shims->si(),
        );
        $play = $this->si($outcome, 'end-play');

        return [
            ...$stack,
            [max(0.0, $play), true === $outcome->results()['fit']->value ? 'film' : 'wrong', 'end play '.$this->say($outcome, 'end-play')],
        ];
    }

    /** @return list<array{float, string, string}> */
    private function pack(Inputs $inputs, Outcome $outcome): array
    {
        $stack = array_map(static fn (float $si): array => [$si, 'solid', ''], $inputs->siList('plates'));
        if ($inputs->si('cushion') > 0) {
            array_unshift($stack, [$inputs->si('cushion'), 'part2', 'cushion']);
        }
        $play = $outcome->results()['ring-clearance'] ?? $outcome->results()['clearance'];
        $fit = ($outcome->results()['ring-fit'] ?? $outcome->results()['fit'])->value;
        $stack[] = [max(0.0, $play->si()[0]), true === $fit ? 'film' : 'wrong', 'clearance '.$this->words->words($play)];
        if (isset($outcome->results()['ring'])) {
            $stack[] = [$this->si($outcome, 'ring'), 'part2', 'ring '.$this->say($outcome, 'ring')];
        }

        return $stack;
    }

    /**
     * @param list<array{float, string, string}> $layers
     *
     * @return list<Drawing>
     */
    private function stack(array $layers): array
    {
        $total = max(1e-9, array_sum(array_column($layers, 0)));
        $y = 262.0;
        $boxes = [];
        foreach ($layers as [$size, $class, $label]) {
            // A gap is never drawn thinner than an eye can see.
            $height = max(4.0, round($size / $total * 200, 1));
            $y -= $height;
            $boxes[] = ['y' => $y, 'h' => $height, 'class' => $class, 'label' => $label];
        }

        return [new Drawing('figures/_stack.svg.twig', ['boxes' => $boxes, 'top' => $y])];
    }

    /** @return list<array{x: float, y: float, tx: float, ty: float, bolt: int, turn: int}> */
    private function bolts(Outcome $outcome): array
    {
        $order = $outcome->results()['order']->value;
        $order = \is_array($order) ? array_values($order) : [];
        $bolts = [];
        foreach ($order as $turn => $bolt) {
            $angle = 2 * \M_PI * ((int) $bolt - 1) / max(1, \count($order)) - \M_PI / 2;
            $bolts[] = [
                'x' => round(220 + 100 * cos($angle), 1),
                'y' => round(145 + 100 * sin($angle), 1),
                'tx' => round(220 + 126 * cos($angle), 1),
                'ty' => round(149 + 126 * sin($angle), 1),
                'bolt' => (int) $bolt,
                'turn' => $turn + 1,
            ];
        }

        return $bolts;
    }

    /** @return list<array{float, string, string}> height 0…1, label, value */
    private function pareto(Outcome $outcome): array
    {
        $names = $outcome->results()['order']->value;
        $bars = [];
        foreach (\is_array($names) ? array_values($names) : [] as $i => $name) {
            $share = $this->si($outcome, 'share-'.($i + 1));
            $bars[] = [$share, (string) $name, round($share * 100, 1).' %'];
        }

        return \array_slice($bars, 0, 12);
    }

    /** @return list<array{float, string, string}> */
    private function classes(Outcome $outcome): array
    {
        $code = (string) (\is_string($outcome->results()['code']->value) ? $outcome->results()['code']->value : '');
        $sizes = ['≥ 4 µm', '≥ 6 µm', '≥ 14 µm'];

        return array_map(
            static fn (string $class, string $size): array => [
                min(1.0, (int) ltrim($class, '>') / 28),
                $size,
                '-' === $class ? 'not counted' : 'class '.$class,
            ],
            explode('/', $code),
            $sizes,
        );
    }

    /**
     * @param list<array{float, string, string}> $bars
     *
     * @return list<Drawing>
     */
    private function bars(array $bars): array
    {
        $most = max([1e-9, ...array_column($bars, 0)]);

        return [
            new Drawing(
                'figures/_bars.svg.twig',
                [
                    'bars' => array_map(
                        static fn (array $bar): array => ['w' => round($bar[0] / $most * 230, 1), 'label' => $bar[1], 'value' => $bar[2]],
                        $bars,
                    ),
                ],
            ),
        ];
    }

    /** @return list<Drawing> */
    private function onLine(NumberLine $line): array
    {
        return [new Drawing('figures/_line.svg.twig', ['laid' => $line->laid()])];
    }

    private function si(Outcome $outcome, string $name): float
    {
        return $outcome->results()[$name]->si()[0];
    }

    private function say(Outcome $outcome, string $name): string
    {
        return $this->words->words($outcome->results()[$name]);
    }
}
