<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Diagnose;

use Japhrex\Core\Chain\Ground\ReadingSays;
use Japhrex\Core\Chain\Mechanism\OriginWords;
use Japhrex\Core\Chain\Mechanism\ToldWords;
use Japhrex\Core\Chain\Mechanism\TriedWords;
use Japhrex\Core\Chain\Mechanism\Vocabulary;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\FoundBy;
use Japhrex\Core\Damage\Mode;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Damage\PieceShape;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Complaint;
use Japhrex\Core\Family\Part;

/** In which words a case of a book can be told. */
final readonly class Words
{
    public function __construct(public Book $book, public ModeCatalogue $modes, public Vocabulary $vocabulary)
    {
    }

    /** @return list<string> parts, and surfaces as `part/surface` */
    public function places(): array
    {
        return array_merge(...array_values(array_map(static fn (Part $part): array => [
            $part->key,
            ...array_map(static fn (string $surface): string => $part->key.'/'.$surface, array_keys($part->surfaces)),
        ], $this->book->parts)));
    }

    /** @return list<string> readings as `part/field` */
    public function fields(): array
    {
        return array_merge(...array_values(array_map(static fn (Part $part): array => array_map(
            static fn (string $field): string => $part->key.'/'.$field,
            array_keys($part->fields),
        ), $this->book->parts)));
    }

    /** @return array<string, mixed> all of it, as it is printed */
    public function all(): array
    {
        $told = static fn (array $words): array => array_map(static fn (ToldWords $one): string => $one->name, $words);

        return [
            'family' => $this->book->key,
            'complaints' => array_map(static fn (Complaint $one): string => $one->name, $this->book->complaints),
            'history' => ['hours' => 'Hours since new', 'since-repair' => 'Hours since somebody was inside']
                + $told($this->vocabulary->history),
            'places' => array_map(static fn (Part $one): array => [
                'name' => $one->name, 'also' => $one->also, 'surfaces' => array_keys($one->surfaces),
            ], $this->book->parts),
            'readings' => array_combine($this->fields(), array_map($this->book->fieldName(...), $this->fields())),
            'directions' => ReadingSays::directions(),
            'modes' => array_map(static fn (Mode $one): string => $one->name, $this->modes->modes),
            'made' => array_map(static fn (DebrisKind $one): string => $one->value, DebrisKind::cases()),
            'shapes' => array_map(static fn (PieceShape $one): string => $one->value, PieceShape::cases()),
            'sides' => $told($this->vocabulary->lies),
            'how' => array_map(static fn (FoundBy $one): string => $one->value, FoundBy::cases()),
            'fluid' => $told($this->vocabulary->fluid),
            'tried' => array_map(static fn (TriedWords $one): string => $one->name, $this->vocabulary->tried),
            'origins' => array_map(
                static fn (OriginWords $one): string => $one->name.('part' === $one->spread ? ' (of a part)' : ''),
                $this->vocabulary->origins,
            ),
        ];
    }
}
