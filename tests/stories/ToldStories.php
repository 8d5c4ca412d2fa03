<?php

declare(strict_types=1);

namespace Japhrex\Tests\stories;

use Japhrex\Core\Chain\Diagnose\CaseReader;
use Japhrex\Core\Chain\Diagnose\Diagnosis;
use Japhrex\Core\Chain\Diagnose\Words;
use Japhrex\Core\Chain\Mechanism\MechanismBook;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\Book;
use Japhrex\Tests\Books;
use Symfony\Component\Yaml\Yaml;

/**
 * Failures told before a rule was changed, asked of the engine as `japhrex diagnose` asks it. Those that were put away (closed/, sealed/,
 * put-away/, drawn/, second-lot/ to ninth-lot/) were run once before the rules learnt from them; docs/chain.md says with what.
 *
 * @phpstan-type Story array{name: string, told?: string, complaint: string, history?: string, comeback?: bool, seen: string, clean: string,
 *     readings?: string, fluid?: string, origin: string, decide: string}
 * @phpstan-type Told array{family: string, name: string, rank: int, chance: float, brought: float, first: string, said: float,
 *     says: string, look: int|null, seconds: float}
 */
final class ToldStories
{
    /** The origin that stands second is twice as frequent as the conditions say. */
    private const TWICE = 'twice the base rate of the second';

    /** Words behind a grade that say how it lies; all others say of what it is made. */
    private const SIDES = ['fatigue', 'overload', 'one-side', 'all-round', 'inlet', 'outlet', 'edge', 'at-port', 'fixed-wall'];

    /** @return list<Told> rank 0: not among the candidates; look: place of the look that decides among those proposed without it */
    public static function told(string $half, ?string $only = null): array
    {
        $told = [];
        foreach (self::each($half, $only) as [$words, $diagnosis, $story]) {
            $told[] = self::tell($words, $diagnosis, $story);
        }

        return $told;
    }

    /** @return array<string, array{int, int}> small change => how often it moved the first candidate, of how many stories */
    public static function shaken(string $half, ?string $only = null): array
    {
        $robustness = new Robustness();
        $moved = array_fill_keys([...Robustness::CHANGES, self::TWICE], [0, 0]);
        foreach (self::each($half, $only) as [$words, $diagnosis, $story]) {
            $ids = static fn (array $case, Diagnosis $by): array => array_map(
                self::id(...),
                $by->of(...(new CaseReader($words))->read($case))['candidates'],
            );
            $case = self::asCase($words->book->key, $story);
            $before = $ids($case, $diagnosis);
            foreach ($robustness->changed($case) as $change => $after) {
                $moved[$change][0] += $before[0] === $ids($after, $diagnosis)[0] ? 0 : 1;
                ++$moved[$change][1];
            }
            if (isset($before[1])) {
                $twice = self::withTwice($words->book, $words->modes, explode('@', $before[1])[0]);
                $moved[self::TWICE][0] += $before[0] === $ids($case, $twice)[0] ? 0 : 1;
                ++$moved[self::TWICE][1];
            }
        }

        return $moved;
    }

    /** The engine, were an origin twice as frequent as the conditions say. */
    private static function withTwice(Book $book, ModeCatalogue $modes, string $origin): Diagnosis
    {
        $contents = array_values(Books::files('mechanisms/*.yaml'));
        foreach ($contents as $i => $content) {
            if (isset($content['origins'][$origin])) {
                $contents[$i]['origins'][$origin]['prior'] *= 2;
            }
        }
        $mechanisms = MechanismBook::of($contents)->with($book);

        return new Diagnosis(new Words($book, $modes, $mechanisms->vocabulary), $mechanisms->mechanisms);
    }

    /** @return iterable<array{Words, Diagnosis, Story}> */
    private static function each(string $half, ?string $only): iterable
    {
        foreach (glob(__DIR__.'/'.$half.'/*.yaml') ?: [] as $file) {
            /** @var array{family: string, stories: list<Story>} $content */
            $content = Yaml::parseFile($file);
            if (null === $only || $only === $content['family']) {
                $book = Books::book($content['family']);
                $own = Books::mechanisms()->with($book);
                $words = new Words($book, Books::modes(), $own->vocabulary);
                foreach ($content['stories'] as $story) {
                    yield [$words, new Diagnosis($words, $own->mechanisms), $story];
                }
            }
        }
    }

    /**
     * @param Story $story
     *
     * @return Told
     */
    private static function tell(Words $words, Diagnosis $diagnosis, array $story): array
    {
        $start = microtime(true);
        $case = self::asCase($words->book->key, $story);
        $answer = $diagnosis->of(...(new CaseReader($words))->read($case));
        $seconds = microtime(true) - $start;
        $true = explode(' ', $story['origin']);
        $rank = 0;
        $hit = ['chance' => 0.0, 'brought' => 0.0];
        foreach ($answer['candidates'] as $i => $one) {
            // An origin that is of the unit stands for the same at any of its parts.
            if (0 === $rank && ([] !== array_intersect([self::id($one)], $true) || ('' === $one['place'] && \in_array(
                $one['origin'],
                array_map(static fn (string $id): string => explode('@', $id)[0], $true),
                true,
            )))) {
                [$rank, $hit] = [$i + 1, $one];
            }
        }

        return [
            'family' => $words->book->key, 'name' => $story['name'],
            'rank' => $rank, 'chance' => $hit['chance'], 'brought' => $hit['brought'],
            'first' => self::id($answer['candidates'][0]), 'said' => $answer['candidates'][0]['said'], 'says' => $answer['says'],
            'look' => self::look($words, $diagnosis, $case, explode(' ', $story['decide'])), 'seconds' => $seconds,
        ];
    }

    /** @param array{origin: string, place: string, ...} $one */
    private static function id(array $one): string
    {
        return implode('@', array_filter([$one['origin'], $one['place']]));
    }

    /**
     * The place of the first look that decides among the looks proposed when nobody has looked there yet; null: it is no part of the book.
     *
     * @param array<string, mixed> $case
     * @param list<string> $decide parts
     */
    private static function look(Words $words, Diagnosis $diagnosis, array $case, array $decide): ?int
    {
        $decide = array_values(array_intersect($decide, array_keys($words->book->parts)));
        if ([] === $decide) {
            return null;
        }
        foreach (['seen', 'clean'] as $list) {
            $case[$list] = array_values(array_filter(
                (array) $case[$list],
                static fn (array $look): bool => !\in_array(explode('/', $look['place'])[0], $decide, true),
            ));
        }
        $case['readings'] = array_values(array_filter(
            (array) $case['readings'],
            static fn (array $one): bool => !\in_array(explode('/', $one['field'])[0], $decide, true),
        ));
        $answer = $diagnosis->of(...(new CaseReader($words))->read($case));
        foreach ($answer['looks'] as $i => $look) {
            if (\in_array($look['place'], $decide, true)) {
                return $i + 1;
            }
        }

        return 0;
    }

    /**
     * A story as `diagnose` takes it.
     *
     * @param Story $story
     *
     * @return array<string, mixed>
     */
    public static function asCase(string $family, array $story): array
    {
        $lists = static fn (string $text): array => array_filter(array_map(trim(...), explode(';', $text)));
        $complaints = $seen = $readings = [];
        foreach ($lists($story['complaint']) as $one) {
            $words = explode(' ', $one);
            $complaint = ['what' => array_shift($words)];
            foreach ($words as $word) {
                $complaint += match (true) {
                    \in_array($word, ['sudden', 'creeping'], true) => ['onset' => $word],
                    \in_array($word, ['hot', 'cold'], true) => ['hot' => 'hot' === $word],
                    \in_array($word, ['fast', 'slow'], true) => ['fast' => 'fast' === $word],
                    \in_array($word, ['loaded', 'empty'], true) => ['loaded' => 'loaded' === $word],
                    default => ['since' => (float) substr($word, \strlen('since='))],
                };
            }
            $complaints[] = $complaint;
        }
        $history = [];
        foreach (array_filter(explode(' ', $story['history'] ?? '')) as $one) {
            [$key, $value] = explode('=', $one) + [1 => null];
            $history[ltrim($key, '!')] = null === $value ? !str_starts_with($key, '!') : (float) $value;
        }
        foreach ($lists($story['seen']) as $one) {
            [$place, $mode, $grade] = explode(' ', $one);
            $more = \array_slice(explode(' ', $one), 3);
            $side = array_values(array_intersect($more, self::SIDES));
            $seen[] = ['place' => $place, 'mode' => $mode, 'grade' => (int) $grade, 'made' => array_values(array_diff($more, $side))]
                + ([] === $side ? [] : ['side' => $side[0]]);
        }
        foreach ($lists($story['readings'] ?? '') as $one) {
            [$field, $verdict, $direction] = explode(' ', $one);
            $readings[] = ['field' => $field, 'verdict' => $verdict, 'direction' => $direction];
        }

        return [
            'family' => $family, 'complaints' => $complaints, 'history' => $history, 'comeback' => $story['comeback'] ?? false,
            'seen' => $seen, 'readings' => $readings,
            // place[:mode]: without a mode the whole place was looked over.
            'clean' => array_map(
                static fn (string $look): array => array_combine(
                    \array_slice(['place', 'mode'], 0, 1 + substr_count($look, ':')),
                    explode(':', $look),
                ),
                array_values(array_filter(explode(' ', $story['clean']))),
            ),
            'fluid' => array_map(
                static fn (string $one): array => ['what' => ltrim($one, '!'), 'is' => !str_starts_with($one, '!')],
                array_values(array_filter(explode(' ', $story['fluid'] ?? ''))),
            ),
        ];
    }
}
