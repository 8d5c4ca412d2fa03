<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Rest;

use Japhrex\Core\Chain\Ground\CarrierPlaces;
use Japhrex\Core\Chain\Ground\Reach;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\CarrierKind;

/**
 * Which parts may be called clean by eye in one act, and which ask for a look of their own: what is to be measured or photographed,
 * what runs on a part that is damaged or lies where its debris went, what has something open.
 */
final readonly class TheRest
{
    /**
     * @param list<string> $clean parts, in strip order
     * @param array<string, list<string>> $leftOut part => why, in words
     */
    private function __construct(public array $clean, public array $leftOut)
    {
    }

    /**
     * @param array<string, RestPart> $parts by part
     * @param array<string, array<string, int>> $found damage: part => mode => grade, 1 to 4
     * @param list<string>|null $among only of these parts; null: of the unit
     */
    public static function of(Book $book, array $parts, array $found, ?array $among = null): self
    {
        $clean = $leftOut = [];
        $harmed = self::harmed($book, $found);
        $wanted = self::wanted($book);
        foreach ($book->partsInStripOrder() as $part) {
            $one = $parts[$part->key] ?? null;
            if (null === $one || !$one->isOff || $one->isSeen || (null !== $among && !\in_array($part->key, $among, true))) {
                continue;
            }
            $why = [...$harmed[$part->key] ?? [], ...$one->asks];
            if ($one->toRead > 0) {
                $why[] = \sprintf('the book wants it measured: %d to take', $one->toRead);
            }
            if ($one->isOutside) {
                $why[] = 'a reading is outside its limit, or too near to tell';
            }
            if (isset($wanted[$part->key]) && !$one->isPhotographed) {
                $why[] = 'the book wants a photo: '.$wanted[$part->key];
            }
            if ([] === $why) {
                $clean[] = $part->key;
            } else {
                $leftOut[$part->key] = array_values(array_unique($why));
            }
        }

        return new self($clean, $leftOut);
    }

    /**
     * @param array<string, array<string, int>> $found
     *
     * @return array<string, list<string>> part => whose harm it carries
     */
    private static function harmed(Book $book, array $found): array
    {
        $places = new CarrierPlaces($book);
        $name = static fn (string $part): string => lcfirst($book->parts[$part]->short);
        $harmed = [];
        foreach (array_intersect_key($found, $book->parts) as $part => $modes) {
            foreach (
                [
                    'runs on the damaged ' => $places->neighbours(CarrierKind::Touch, $part),
                    'is held or driven by the damaged ' => $places->neighbours(CarrierKind::Hold, $part)
                        + $places->neighbours(CarrierKind::Drive, $part),
                ] as $words => $neighbours
            ) {
                foreach ($neighbours as $other => $_) {
                    $harmed[$other][] = $words.$name($part);
                }
            }
            if (Reach::sheds(array_keys($modes))) {
                foreach (Reach::of($book, [$part]) as $reached) {
                    if ($reached->part !== $part) {
                        $harmed[$reached->part][] = 'lies where debris of the '.$name($part).' went';
                    }
                }
            }
        }

        return $harmed;
    }

    /** @return array<string, string> part => what is to be photographed when it comes off */
    private static function wanted(Book $book): array
    {
        $wanted = [];
        foreach ($book->strip as $step) {
            foreach ([] === $step->photos ? [] : $step->removes as $part) {
                $wanted[$part] = lcfirst(implode('; ', $step->photos));
            }
        }

        return $wanted;
    }
}
