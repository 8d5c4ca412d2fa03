<?php

declare(strict_types=1);

namespace App\Chain;

use App\Platform\Tool;
use Symfony\Contracts\Cache\CacheInterface;

/** Layout by Graphviz `dot`, from left (origin) to right (complaint); the same chain is laid out once. */
final readonly class Graphviz implements Layout
{
    public const BOX_WIDTH = 168;
    public const SMALL_ROW = 12;
    private const MARGIN = 12;

    public function __construct(private Tool $tool, private CacheInterface $cache)
    {
    }

    public function place(array $nodes, array $edges): PlacedChain
    {
        if ([] === $nodes) {
            return new PlacedChain(0, 0, [], []);
        }
        // Short names keep the layout the same for the same shape and keep ids out of the program's input.
        $short = array_flip(array_keys($nodes));
        $dot = "digraph { rankdir=LR; nodesep=0.28; ranksep=0.62; splines=spline; node [shape=box, fixedsize=true];\n";
        foreach ($nodes as $id => $height) {
            $dot .= \sprintf("n%d [label=\"\", width=%F, height=%F];\n", $short[$id], self::BOX_WIDTH / 72, $height / 72);
        }
        foreach ($edges as [$from, $to]) {
            if (isset($short[$from], $short[$to])) {
                $dot .= \sprintf("n%d -> n%d [arrowhead=none];\n", $short[$from], $short[$to]);
            }
        }
        $json = $this->cache->get('chain-'.hash('xxh128', $dot.'}'), fn (): string => $this->tool->run(['dot', '-Tjson'], $dot.'}', 20));

        return $this->read(\is_string($json) ? $json : '', array_keys($nodes));
    }

    public static function boxHeight(int $rows): int
    {
        return 30 + 15 * $rows;
    }

    /** @param list<string> $ids */
    private function read(string $json, array $ids): PlacedChain
    {
        /**
         * @var array{
         *     bb: string, objects: list<array{name: string, pos: string}>,
         *     edges?: list<array{tail: int, head: int, pos: string}>,
         * } $graph
         */
        $graph = json_decode($json, true, flags: \JSON_THROW_ON_ERROR);
        [, , $width, $height] = array_map(floatval(...), explode(',', $graph['bb']));
        $point = static function (string $pair) use ($height): array {
            [$x, $y] = array_map(floatval(...), explode(',', $pair));

            return [round($x + self::MARGIN, 1), round($height - $y + self::MARGIN, 1)];
        };
        $boxes = [];
        $named = [];
        foreach ($graph['objects'] as $i => $object) {
            $named[$i] = $ids[(int) substr($object['name'], 1)];
            [$x, $y] = $point($object['pos']);
            $boxes[$named[$i]] = new BoxCentre($x, $y);
        }
        $paths = [];
        foreach ($graph['edges'] ?? [] as $edge) {
            $points = array_map(
                $point,
                array_values(array_filter(explode(' ', $edge['pos']), static fn (string $p): bool => 1 === preg_match('/^-?[\d.]/', $p))),
            );
            $path = 'M'.implode(' ', $points[0]);
            for ($i = 1; $i + 2 < \count($points); $i += 3) {
                $path .= ' C'.implode(' ', [...$points[$i], ...$points[$i + 1], ...$points[$i + 2]]);
            }
            $paths[$named[$edge['tail']].'>'.$named[$edge['head']]] = $path;
        }

        return new PlacedChain($width + 2 * self::MARGIN, $height + 2 * self::MARGIN, $boxes, $paths);
    }
}
