<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

use Japhrex\Core\Damage\Grade;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Verdict\Responsibility;

/** A brought case as it is read: its document in the words of the trade. What is in it was written elsewhere and may lack anything. */
final readonly class BroughtPage
{
    /** @param array<mixed> $document */
    public function __construct(
        public Brought $brought,
        public AboutCase $about,
        private array $document,
        private ?Book $book,
        private ModeCatalogue $modes,
    ) {
    }

    /** @return array<string, string> what is told of the unit, by name; what is empty is left out */
    public function unit(): array
    {
        $unit = $this->one('unit');
        $names = [
            'unitName' => 'Unit', 'maker' => 'Maker', 'model' => 'Model', 'serial' => 'Serial', 'tag' => 'Tag', 'customer' => 'Customer',
            'duty' => 'Duty', 'drive' => 'Drive', 'displacement' => 'Displacement', 'serviceSinceNew' => 'In service since new',
            'serviceSinceRepair' => 'Since the last repair',
        ];
        $told = ['Family' => $this->book->title ?? self::words($this->brought->family)];
        foreach ($names as $key => $name) {
            $told[$name] = self::text($unit, $key);
        }

        return array_filter($told, static fn (string $one): bool => '' !== $one);
    }

    /** @return list<string> */
    public function complaints(): array
    {
        return array_values(array_map(
            fn (array $one): string => implode(': ', array_filter([
                ($this->book?->complaints[self::text($one, 'what')]->name ?? null) ?? ucfirst(self::words(self::text($one, 'what'))),
                self::text($one, 'words'),
            ])),
            $this->all('complaints'),
        ));
    }

    public function statement(): string
    {
        return self::text($this->one('verdict'), 'statement');
    }

    public function origin(): string
    {
        $verdict = $this->one('verdict');

        return true === ($verdict['causeNotFound'] ?? null)
            ? 'The cause was not found'
            : $this->nodes()[self::text($verdict, 'origin')] ?? '';
    }

    public function responsibility(): string
    {
        return Responsibility::tryFrom(self::text($this->one('verdict'), 'responsibility'))?->label() ?? '';
    }

    /** @return list<FoundElsewhere> the worst first */
    public function found(): array
    {
        $found = [];
        foreach ($this->all('findings') as $one) {
            $mode = self::text($one, 'mode');
            $place = implode('/', array_filter([self::text($one, 'part'), self::text($one, 'surface')]));
            $found[] = new FoundElsewhere(
                $this->place($place),
                '' === $mode ? self::words(self::text($one, 'kind')) : $this->modes->get($mode)->name ?? self::words($mode),
                Grade::tryFrom((int) self::text($one, 'grade')) ?? Grade::None,
                self::text($one, 'note'),
            );
        }
        usort($found, static fn (FoundElsewhere $a, FoundElsewhere $b): int => $b->grade->value <=> $a->grade->value);

        return $found;
    }

    /** @return list<ReadElsewhere> */
    public function readings(): array
    {
        return array_values(array_map(function (array $one): ReadElsewhere {
            [$part, $field] = [self::text($one, 'part'), self::text($one, 'field')];
            $typed = array_filter((array) ($one['typed'] ?? []), \is_string(...));

            return new ReadElsewhere(
                $this->place($part),
                $this->book?->part($part)?->fields[$field]->name ?? self::words($field),
                implode('; ', $typed),
                self::text($one, 'verdict'),
            );
        }, array_filter($this->all('readings'), static fn (array $one): bool => [] !== ($one['typed'] ?? []))));
    }

    /** @return list<string> each "one → another (mechanism)" */
    public function chain(): array
    {
        $nodes = $this->nodes();

        return array_values(array_map(static fn (array $one): string => \sprintf(
            '%s → %s%s',
            $nodes[self::text($one, 'from')] ?? '?',
            $nodes[self::text($one, 'to')] ?? '?',
            '' === self::text($one, 'mechanism') ? '' : ' ('.self::words(self::text($one, 'mechanism')).')',
        ), $this->all('links')));
    }

    public function place(?string $place): string
    {
        return null === $place || '' === $place ? 'The unit' : (
            true === $this->book?->hasPlace($place) ? $this->book->placeName($place) : ucfirst(self::words($place))
        );
    }

    /** @return array<string, string> names of the conditions in the chain, by their keys */
    private function nodes(): array
    {
        $nodes = [];
        foreach ($this->all('nodes') as $one) {
            [$name, $place] = [self::text($one, 'name'), self::text($one, 'place')];
            $place = '' === $place ? '' : $this->place($place);
            // Most names say where it is.
            $nodes[self::text($one, 'id')] = '' === $place || false !== mb_stripos($name, $place) ? $name : $name.', '.$place;
        }

        return $nodes;
    }

    /** @return array<mixed> */
    private function one(string $part): array
    {
        return \is_array($this->document[$part] ?? null) ? $this->document[$part] : [];
    }

    /** @return list<array<mixed>> */
    private function all(string $part): array
    {
        return array_values(array_filter($this->one($part), \is_array(...)));
    }

    /** @param array<mixed> $of */
    private static function text(array $of, string $key): string
    {
        return \is_scalar($of[$key] ?? null) ? trim((string) $of[$key]) : '';
    }

    private static function words(string $key): string
    {
        return strtr($key, ['-' => ' ', '/' => ', ']);
    }
}
