<?php

declare(strict_types=1);

namespace Japhrex\Tests\stories;

use Japhrex\Core\Chain\Ground\Analysis;
use Japhrex\Core\Chain\Ground\ComplaintFact;
use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Chain\Ground\Grounding;
use Japhrex\Core\Chain\Ground\Look;
use Japhrex\Core\Chain\Ground\LookFact;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Teardown\LookTime;
use Japhrex\Tests\Books;
use Symfony\Component\Yaml\Yaml;

/**
 * Failures whose origin is known, told to the engine: at which rank it has it, and whether it would have asked for the find that decides.
 *
 * @phpstan-type When array{onset?: string, hot?: bool, fast?: bool, loaded?: bool, since?: float|int}
 * @phpstan-type Told array{family: string, name: string, rank: int, posterior: float, decisive: int|null, first: string, said: float}
 */
final class Stories
{
    /**
     * @return list<Told> rank 0: not among the candidates; said: share of the first candidate; decisive: place among the next checks
     *                    without it, 0: not among them, null: not asked
     */
    public static function told(?string $only = null, bool $looks = true): array
    {
        $mechanisms = Books::mechanisms();
        $modes = Books::modes();
        $told = [];
        foreach (glob(__DIR__.'/*.yaml') ?: [] as $file) {
            /**
             * @var array{
             *     family: string,
             *     stories: list<array{
             *         name: string, complaint: string, when: When, comeback?: bool, seen: string, clean: string, origin: string,
             *         decisive: string,
             *     }>,
             * } $content
             */
            $content = Yaml::parseFile($file);
            if (null !== $only && $only !== $content['family']) {
                continue;
            }
            $book = Books::book($content['family']);
            $own = $mechanisms->with($book);
            $grounding = new Grounding($book, $modes, $own->mechanisms, $own->vocabulary);
            foreach ($content['stories'] as $story) {
                $told[] = self::tell($grounding, $book, $story, $looks);
            }
        }

        return $told;
    }

    /**
     * @param array{
     *     name: string, complaint: string, when: When, comeback?: bool, seen: string, clean: string, origin: string,
     *     decisive: string,
     * } $story
     *
     * @return Told
     */
    private static function tell(Grounding $grounding, Book $book, array $story, bool $andLooks): array
    {
        $looks = array_map(static fn (string $seen): LookFact => self::look(trim($seen), $book), explode(';', $story['seen']));
        foreach (array_filter(explode(' ', $story['clean'])) as $part) {
            $looks[] = new LookFact($part, null, null, 0);
            isset($book->parts[$part]) || throw new \DomainException("{$story['name']}: {$book->key} has no part $part.");
        }
        isset($book->complaints[$story['complaint']])
            || throw new \DomainException("{$story['name']}: no complaint {$story['complaint']}.");
        $candidates = Analysis::of($grounding->ground(self::facts($story, $looks)))->candidates(400);
        $true = explode(' ', $story['origin']);
        $rank = 0;
        foreach ($candidates as $i => $one) {
            if (\in_array($one->origin->id(), $true, true)) {
                $rank = $i + 1;
                break;
            }
        }

        return [
            'family' => $book->key,
            'name' => $story['name'],
            'rank' => $rank,
            'posterior' => 0 === $rank ? 0.0 : $candidates[$rank - 1]->posterior,
            'decisive' => $andLooks ? self::decisive($grounding, $book, $looks, $story) : null,
            'first' => $candidates[0]->origin->name,
            'said' => $candidates[0]->posterior,
        ];
    }

    /**
     * Where the engine ranks a look at the part that decides, when nobody has looked at it yet.
     *
     * @param list<LookFact> $looks
     * @param array{name: string, complaint: string, when: When, comeback?: bool, decisive: string} $story
     */
    private static function decisive(Grounding $grounding, Book $book, array $looks, array $story): int
    {
        $part = self::look($story['decisive'].' 1', $book)->part;
        $without = array_values(array_filter($looks, static fn (LookFact $look): bool => $look->part !== $part));
        $looks = Analysis::of(
            $grounding->ground(self::facts($story, $without)),
            LookTime::minutes($book, self::off($book, array_column($without, 'part'))),
        )->looks;
        $place = array_search($part, array_map(static fn (Look $look): string => $look->part, $looks), true);

        return false === $place ? 0 : $place + 1;
    }

    /**
     * @param array{name: string, complaint: string, when: When, comeback?: bool, ...} $story
     * @param list<LookFact> $looks
     */
    private static function facts(array $story, array $looks): Facts
    {
        $when = $story['when'];
        $complaint = new ComplaintFact(
            $story['complaint'],
            isset($when['onset']) ? 'sudden' === $when['onset'] : null,
            $when['hot'] ?? null,
            $when['fast'] ?? null,
            $when['loaded'] ?? null,
        );

        return new Facts(
            $looks,
            [$complaint],
            [],
            $story['comeback'] ?? false,
            sinceRepair: isset($when['since']) ? (float) $when['since'] : null,
        );
    }

    /**
     * What has left the unit: it is stripped in the order of the book, as far as the parts that were looked at.
     *
     * @param list<string> $seen
     *
     * @return list<string>
     */
    private static function off(Book $book, array $seen): array
    {
        $off = $held = [];
        foreach ($book->strip as $step) {
            array_push($held, ...$step->removes);
            if ([] !== array_intersect($step->removes, $seen)) {
                $off = $held;
            }
        }

        return array_values(array_unique([...$off, ...$seen]));
    }

    private static function look(string $text, Book $book): LookFact
    {
        [$place, $mode, $grade] = explode(' ', $text) + ['', '', '1'];
        [$part, $surface] = explode('/', $place) + [1 => null];
        if (!isset($book->parts[$part]) || (null !== $surface && !isset($book->parts[$part]->surfaces[$surface]))) {
            throw new \DomainException("{$book->key} has no place $place.");
        }

        $made = \array_slice(explode(' ', $text), 3);

        return new LookFact(part: $part, surface: $surface, mode: $mode, grade: (int) $grade, made: DebrisKind::of($made));
    }
}
