<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Reuse;
use Japhrex\Core\Family\StripStep;

/** What has to lie ready for a unit that is taken apart to a depth, so that nobody runs for it with a spring in hand. */
final readonly class BenchList
{
    /** What everybody has with them. */
    private const AT_HAND = ['none', 'hands', 'both hands', 'fingers', 'second person'];

    /**
     * @param string $to key of the last step that is wanted; empty, or none of the book: all of it
     *
     * @return list<BenchItem> by kind
     */
    public static function of(Book $book, string $to = ''): array
    {
        $steps = self::upTo($book, $to);
        $items = [];
        foreach ($steps as $step) {
            foreach (array_map(trim(...), explode(',', $step->tool)) as $tool) {
                if ('' !== $tool && !\in_array($tool, self::AT_HAND, true)) {
                    $items[BenchKind::Tool->value][self::one($tool)][] = $step->title;
                }
            }
            foreach ($step->removes as $key) {
                $part = $book->part($key);
                foreach ($part->fields ?? [] as $field) {
                    if ('' !== $field->gauge && !$field->adjuster) {
                        $items[BenchKind::Gauge->value][$field->gauge][] = $part->name ?? $key;
                    }
                }
                if (Reuse::Never === $part?->reuse) {
                    $items[BenchKind::Seal->value][$part->name][] = $step->title;
                }
            }
        }
        $list = [];
        foreach (BenchKind::cases() as $kind) {
            foreach ($items[$kind->value] ?? [] as $what => $for) {
                $list[] = new BenchItem($kind, ucfirst($what), array_values(array_unique($for)));
            }
            foreach (BenchKind::Made === $kind ? $book->bench->made : [] as $made) {
                if (isset($steps[$made->step])) {
                    $list[] = new BenchItem($kind, $made->what, [$steps[$made->step]->title], $made->why);
                }
            }
            foreach (BenchKind::UsedUp === $kind ? $book->bench->useUp : [] as $what) {
                $list[] = new BenchItem($kind, ucfirst($what), []);
            }
        }

        return $list;
    }

    /** @return array<string, StripStep> the steps up to one, with all that it waits for */
    public static function upTo(Book $book, string $to): array
    {
        if (!isset($book->strip[$to])) {
            return $book->strip;
        }
        $wanted = [];
        $open = [$to];
        while (null !== $key = array_pop($open)) {
            if (!isset($wanted[$key]) && isset($book->strip[$key])) {
                $wanted[$key] = true;
                array_push($open, ...$book->strip[$key]->needs);
            }
        }

        return array_intersect_key($book->strip, $wanted);
    }

    /** One spanner and several are the same drawer. */
    private static function one(string $tool): string
    {
        return match ($tool) {
            'spanner' => 'spanners', 'socket' => 'sockets', 'hexagon key' => 'hexagon keys', 'screwdriver' => 'screwdrivers',
            default => $tool,
        };
    }
}
