<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Kit;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Family\Reuse;

/** What becomes of every part, what that means for its mates, and which kits serve. */
final readonly class RepairPlan
{
    /**
     * @param array<string, Disposition> $decided part => what becomes of it; those of the book's that nobody decided are in it
     * @param list<string> $byTheBook parts that the book replaces and that nobody has decided of
     * @param list<PartsRemark> $warnings
     * @param list<KitUse> $kits that serve: parts used of each, and parts left over on purpose
     * @param list<string> $loose parts that are replaced and are in none of these kits
     */
    private function __construct(
        public array $decided,
        public array $byTheBook,
        public array $warnings,
        public array $kits,
        public array $loose,
    ) {
    }

    /** @param array<string, Disposition> $decided part => what was decided */
    public static function of(Book $book, array $decided): self
    {
        $byTheBook = array_values(
            array_map(
                static fn (Part $part): string => $part->key,
                array_filter($book->parts, static fn (Part $part): bool => Reuse::Inspect !== $part->reuse && !isset($decided[$part->key])),
            )
        );
        $all = $decided + array_fill_keys($byTheBook, Disposition::AlwaysReplace);
        $new = array_keys(array_filter($all, static fn (Disposition $one): bool => !$one->keepsThePart()));
        $kits = self::kits($book, $new);

        return new self(
            $all,
            $byTheBook,
            [...self::pairs($book, $all), ...self::against($book, $decided)],
            $kits,
            array_values(array_diff($new, ...array_map(static fn (KitUse $one): array => $one->kit->parts, $kits))),
        );
    }

    /** @return list<string> parts that go back in */
    public function kept(): array
    {
        return array_keys(array_filter($this->decided, static fn (Disposition $one): bool => $one->keepsThePart()));
    }

    /** @return list<string> parts that are bought */
    public function bought(): array
    {
        return array_keys(array_filter($this->decided, static fn (Disposition $one): bool => !$one->keepsThePart()));
    }

    /**
     * Whoever replaces one of a worn pair has it back.
     *
     * @param array<string, Disposition> $all
     *
     * @return list<PartsRemark>
     */
    private static function pairs(Book $book, array $all): array
    {
        $warnings = [];
        foreach ($book->pairs as $pair) {
            $new = array_values(
                array_filter($pair->parts, static fn (string $part): bool => isset($all[$part]) && !$all[$part]->keepsThePart())
            );
            // A face that is machined anew has no wear that the new one would have to run in to.
            $old = array_values(
                array_filter(
                    array_diff($pair->parts, $new),
                    static fn (string $part): bool => Disposition::Machine !== ($all[$part] ?? null),
                )
            );
            if ([] !== $new && [] !== $old) {
                $warnings[] = new PartsRemark(
                    $pair->parts,
                    \sprintf(
                        '%s new, %s not: %s',
                        self::names($book, $new),
                        lcfirst(self::names($book, $old)),
                        lcfirst($pair->why),
                    ),
                );
            }
        }

        return $warnings;
    }

    /**
     * @param array<string, Disposition> $decided
     *
     * @return list<PartsRemark>
     */
    private static function against(Book $book, array $decided): array
    {
        $warnings = [];
        foreach ($decided as $key => $one) {
            $part = $book->part($key);
            if (Reuse::Never === $part?->reuse && $one->keepsThePart()) {
                $warnings[] = new PartsRemark(
                    [$key],
                    trim(\sprintf('%s goes back in, which the book never allows. %s', $part->name, $part->reuseWhy)),
                );
            }
        }

        return $warnings;
    }

    /**
     * A kit serves when at least half of what is in it is replaced.
     *
     * @param list<string> $new
     *
     * @return list<KitUse>
     */
    private static function kits(Book $book, array $new): array
    {
        $kits = [];
        foreach ($book->upkeep->kits as $kit) {
            $used = array_values(array_intersect($kit->parts, $new));
            if (2 * \count($used) >= \count($kit->parts)) {
                $kits[] = new KitUse($kit, $used, array_values(array_diff($kit->parts, $used)));
            }
        }

        return $kits;
    }

    /** @param list<string> $parts */
    private static function names(Book $book, array $parts): string
    {
        return implode(' and ', array_map(static fn (string $key): string => $book->parts[$key]->name ?? $key, $parts));
    }
}
