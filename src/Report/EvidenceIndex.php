<?php

declare(strict_types=1);

namespace App\Report;

use App\Chain\StoryStep;
use App\Evidence\Photo;

/** Where the evidence is: of each step of the chain, and what no step rests on. */
final readonly class EvidenceIndex
{
    /**
     * @param list<EvidenceRow> $rows
     * @param list<Plate> $others that show no part of the story
     */
    private function __construct(public array $rows, public array $others)
    {
    }

    /**
     * @param list<StoryStep> $story
     * @param list<Photo> $photos in the order of the plates
     */
    public static function of(array $story, array $photos): self
    {
        $plates = [];
        foreach ($photos as $i => $photo) {
            $plates[$photo->part ?? ''][] = new Plate($i + 1, $photo);
        }
        $rows = [];
        $others = $plates;
        foreach ($story as $i => $step) {
            $part = explode('/', $step->node->place ?? '')[0];
            $rows[] = new EvidenceRow($i + 1, $step, '' === $part ? [] : $plates[$part] ?? []);
            if ('' !== $part) {
                unset($others[$part]);
            }
        }
        $others = array_merge(...array_values($others));
        usort($others, static fn (Plate $one, Plate $other): int => $one->number <=> $other->number);

        return new self($rows, $others);
    }

    /** Does a step of the chain show it? */
    public function isTold(Photo $photo): bool
    {
        return !\in_array($photo, array_map(static fn (Plate $one): Photo => $one->photo, $this->others), true);
    }
}
