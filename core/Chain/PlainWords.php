<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain;

use Japhrex\Core\Chain\Mechanism\Vocabulary;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\Book;

/** What happened, in clauses that a customer understands: "the gears got grooves at the end faces". */
final readonly class PlainWords
{
    public function __construct(private Book $book, private ModeCatalogue $modes, private Vocabulary $vocabulary)
    {
    }

    /**
     * A condition of the network as a clause.
     *
     * @param string $spot such as `damage:scoring@drive-gear/end-face` or `origin:dirt-let-in`
     *
     * @return string|null null: it is none that the books have words for
     */
    public function ofSpot(string $spot): ?string
    {
        if (1 !== preg_match('/^(\w+):([a-z0-9-]+)(?:@(.+))?$/', $spot, $parts)) {
            return null;
        }
        [, $kind, $key] = $parts;
        $told = match ($kind) {
            'origin' => $this->vocabulary->origins[$key]->told ?? null,
            'state' => $this->vocabulary->states[$key]->told ?? null,
            'damage' => isset($parts[3]) ? $this->ofDamage($key, $parts[3]) : null,
            default => null,
        };

        return null === $told ? null : strtr($told, ['{part}' => isset($parts[3]) ? $this->thePart($parts[3]) : 'a part']);
    }

    /**
     * A condition of the analyst's chain: in the books' words where its name is the engine's, else in the analyst's own.
     *
     * @param string|null $spot the condition of the network that it means
     */
    public function say(?string $spot, string $name): string
    {
        $key = explode('@', explode(':', $spot ?? '', 2)[1] ?? '')[0];
        $given = $this->vocabulary->origins[$key]->name
            ?? $this->vocabulary->states[$key]->name
            ?? $this->modes->get($key)->name
            ?? null;
        $isEngines = null !== $given && ($name === $given || str_starts_with($name, $given.', '));

        return ($isEngines ? $this->ofSpot((string) $spot) : null) ?? lcfirst($name);
    }

    /** @return string|null null: the catalogue has no such damage */
    public function ofDamage(string $mode, string $place): ?string
    {
        $told = $this->modes->get($mode)?->told;
        [$part, $surface] = explode('/', $place, 2) + [1 => null];
        $at = null === $surface || !isset($this->book->parts[$part])
            ? ''
            : ' at the '.lcfirst($this->book->parts[$part]->surfaceName($surface));

        return null === $told ? null : $this->thePart($place).' '.$told.$at;
    }

    private function thePart(string $place): string
    {
        $part = explode('/', $place, 2)[0];

        return 'the '.lcfirst($this->book->parts[$part]->name ?? $part);
    }
}
