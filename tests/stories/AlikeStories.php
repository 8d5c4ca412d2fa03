<?php

declare(strict_types=1);

namespace Japhrex\Tests\stories;

use Japhrex\Core\Memory\Likeness\Likeness;
use Japhrex\Core\Memory\Likeness\Rarity;
use Japhrex\Core\Memory\Likeness\Traits;
use Japhrex\Core\Memory\Likeness\TraitsOf;
use Japhrex\Tests\Books;
use Symfony\Component\Yaml\Yaml;

/**
 * Told failures compared with each other: has one of the nearest three the same origin? The origin itself is no trait.
 *
 * @phpstan-import-type Story from ToldStories
 */
final class AlikeStories
{
    /** @var list<array{family: string, name: string, set: string, origins: list<string>, traits: Traits}> */
    private array $all = [];

    public function __construct(string ...$sets)
    {
        foreach ($sets as $set) {
            foreach (glob(__DIR__.'/'.$set.'/*.yaml') ?: [] as $file) {
                /** @var array{family: string, stories: list<Story>} $content */
                $content = Yaml::parseFile($file);
                foreach ($content['stories'] as $story) {
                    $this->all[] = [
                        'family' => $content['family'], 'name' => $story['name'], 'set' => $set,
                        'origins' => $this->origins($content['family'], explode(' ', $story['origin'])),
                        'traits' => $this->traits($content['family'], ToldStories::asCase($content['family'], $story)),
                    ];
                }
            }
        }
    }

    /**
     * For each of the set the nearest three with their likeness and whether they began alike; could: does any other begin alike?
     *
     * @return list<array{story: string, near: list<array{string, float, bool}>, could: bool}>
     */
    public function nearest(string $set): array
    {
        $having = [];
        foreach ($this->all as $one) {
            foreach (array_keys($one['traits']->weights) as $trait) {
                $having[$trait] = ($having[$trait] ?? 0) + 1;
            }
        }
        $likeness = new Likeness(new Rarity(\count($this->all), $having));
        $told = [];
        foreach ($this->all as $i => $one) {
            if ($set !== $one['set']) {
                continue;
            }
            $near = [];
            foreach ($this->all as $j => $other) {
                $i === $j || $near[$j] = $likeness->between($one['traits'], $other['traits']);
            }
            arsort($near);
            $begins = fn (int $j): bool => [] !== array_intersect($one['origins'], $this->all[$j]['origins']);
            $told[] = [
                'story' => $one['family'].': '.$one['name'],
                'near' => array_map(
                    fn (int $j): array => [$this->all[$j]['family'].': '.$this->all[$j]['name'], $near[$j], $begins($j)],
                    \array_slice(array_keys($near), 0, 3),
                ),
                'could' => [] !== array_filter(array_keys($near), $begins),
            ];
        }

        return $told;
    }

    /**
     * @param list<string> $ids as `own-wear@front-bushes`
     *
     * @return list<string> the same with the kinds of their part, by which another family knows them
     */
    private function origins(string $family, array $ids): array
    {
        $all = [];
        foreach ($ids as $id) {
            [$origin, $place] = explode('@', $id) + [1 => ''];
            $kinds = Books::book($family)->parts[explode('/', $place)[0]]->kinds ?? [];
            array_push($all, $origin.'@'.$place, ...array_map(static fn ($kind): string => $origin.'@kind '.$kind->value, $kinds));
        }

        return $all;
    }

    /** @param array<string, mixed> $case */
    private function traits(string $family, array $case): Traits
    {
        /**
         * @var array{
         *     complaints: list<array{what: string, onset?: string, hot?: bool, fast?: bool, loaded?: bool, since?: float}>,
         *     history: array<string, bool|float>, comeback: bool, clean: list<array{place: string}>,
         *     seen: list<array{place: string, mode: string, grade: int, made: list<string>}>,
         *     readings: list<array{field: string, verdict: string}>, fluid: list<array{what: string, is: bool}>,
         * } $case
         */
        $of = new TraitsOf(Books::book($family));
        foreach ($case['complaints'] as $one) {
            $of->complaint($one['what'], array_values(array_filter([
                $one['onset'] ?? null,
                isset($one['hot']) ? ($one['hot'] ? 'hot' : 'cold') : null,
                isset($one['fast']) ? ($one['fast'] ? 'working' : 'idle') : null,
                isset($one['loaded']) ? ($one['loaded'] ? 'loaded' : 'empty') : null,
            ])));
            $of->ran($one['since'] ?? null, 'repair');
        }
        foreach ($case['seen'] as $one) {
            [$part, $surface] = explode('/', $one['place']) + [1 => null];
            $of->find($part, $surface, $one['mode'], $one['grade'], $one['made']);
        }
        foreach ($case['clean'] as $one) {
            $of->find(explode('/', $one['place'])[0], null, null, 0);
        }
        foreach ($case['readings'] as $one) {
            'outside' === $one['verdict'] && $of->outside(...explode('/', $one['field']));
        }
        foreach ($case['fluid'] as $one) {
            $one['is'] && $of->circumstance($one['what']);
        }
        foreach (array_keys(array_filter($case['history'], static fn (bool|float $is): bool => true === $is)) as $one) {
            $of->circumstance((string) $one);
        }
        $case['comeback'] && $of->circumstance('comeback');

        return $of->traits();
    }
}
