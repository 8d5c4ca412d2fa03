<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\CarrierKind;

/** Which pictures a claim would be asked for: of each part, its mates, and every finding that counts. */
final class Wanted
{
    /** From this grade on a finding is photographed close. */
    public const CLOSE_FROM = 2;

    /**
     * What is missing of one part, in words.
     *
     * @param list<SeenDamage> $findings damage found on it; shown: by a mark in a picture
     * @param array<string, bool> $has stage (as-found, cleaned) => is there a picture?
     * @param callable(string): bool $photographed is there any picture of another part?
     *
     * @return list<string>
     */
    public static function ofPart(Book $book, string $part, array $findings, array $has, callable $photographed): array
    {
        $wanted = [];
        if (!($has['as-found'] ?? false)) {
            $wanted[] = 'as found';
        }
        $worst = max([0, ...array_column($findings, 'grade')]);
        if ($worst >= self::CLOSE_FROM) {
            if (!($has['cleaned'] ?? false)) {
                $wanted[] = 'cleaned';
            }
            foreach (self::mates($book, array_column($findings, 'place')) as $mate) {
                if (!$photographed($mate)) {
                    $wanted[] = 'its mate, '.lcfirst($book->parts[$mate]->short);
                }
            }
        }
        foreach ($findings as $finding) {
            if ($finding->grade >= self::CLOSE_FROM && !$finding->shown) {
                $wanted[] = \sprintf('close up and marked: %s, grade %d', lcfirst($finding->name), $finding->grade);
            }
        }

        return array_values(array_unique($wanted));
    }

    /**
     * Is a scale wanted in a picture of a part? Where damage that is photographed close is seen clean, it is to be measured.
     *
     * @param list<int> $grades of the damage found on the part
     */
    public static function asksScale(bool $cleaned, array $grades): bool
    {
        return $cleaned && max([0, ...$grades]) >= self::CLOSE_FROM;
    }

    /**
     * What is missing of the unit as it came.
     *
     * @param int $sides pictures taken on arrival
     * @param bool $tag is there one of the tag?
     *
     * @return list<string>
     */
    public static function ofArrival(int $sides, bool $tag): array
    {
        return array_values(array_filter([
            $sides < 4 ? \sprintf('the unit from all sides (%d of 4)', $sides) : null,
            $tag ? null : 'the tag, or where it was',
        ]));
    }

    /**
     * Parts that run on the places found damaged.
     *
     * @param list<string> $places
     *
     * @return list<string>
     */
    private static function mates(Book $book, array $places): array
    {
        $mates = [];
        foreach ($book->carriers as $carrier) {
            foreach (
                CarrierKind::Touch === $carrier->kind
                    ? [[$carrier->from, $carrier->to], [$carrier->to, $carrier->from]]
                    : [] as [$here, $there]
            ) {
                if (\in_array($here, $places, true)) {
                    $mates[] = explode('/', $there)[0];
                }
            }
        }

        return array_values(array_unique($mates));
    }
}
