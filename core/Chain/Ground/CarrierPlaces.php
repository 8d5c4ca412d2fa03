<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Where;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\CarrierKind;
use Japhrex\Core\Family\Debris;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Family\Watch;

/**
 * The places of a book and what they are: which carriers they have, of what they are made, what lies beside them.
 *
 * @phpstan-type Ways array<string, array<string, array<string, list<array{string, bool}>>>>
 */
final class CarrierPlaces
{
    /** Classes of material by the words that books use for it. */
    private const MATERIALS = [
        'rubber' => '/nitrile|rubber|ptfe|cork|fibre|yarn|bonded gasket|paper$|rings?$/',
        'lining' => '/^lining|, lining|friction/',
        'bronze' => '/bronze|brass|copper|lead|babbitt|white metal/',
        'aluminium' => '/alumin|magnesium|zinc/',
        'carbon' => '/carbon(?! steel)/',
        'spring' => '/spring steel|spring/',
        'polymer' => '/polymer|nylon|polyamide/',
        'mesh' => '/mesh|felt|fleece|glass fibre|^paper/',
        'fine' => '/felt|fleece|glass fibre|^paper/',
        'soft' => '/alumin|bronze|brass|zinc|lead|carbon|polymer|nylon|polyamide|sinter|magnesium|copper|ptfe/',
        'hard' => '/steel|iron|carbide|ceramic|chrom/',
        'stainless' => '/stainless/',
    ];

    /** @var array<string, list<string>> part => its places: surfaces, or itself where it has none */
    private array $places = [];

    /** @var array<string, array<string, true>> place or part => features */
    private array $features = [];

    /** @var Ways kind => part => place as written => other places, and does a filter stand between */
    private array $next = [];

    /** @var Ways the same against the direction */
    private array $back = [];

    /** @var array<string, bool> part => are its faces told apart by what they run on */
    private array $apart = [];

    public function __construct(private readonly Book $book)
    {
        foreach ($book->parts as $part) {
            $surfaces = array_map(static fn (string $key): string => $part->key.'/'.$key, array_keys($part->surfaces));
            $this->places[$part->key] = [] === $surfaces ? [$part->key] : $surfaces;
        }
        $sieves = self::sieves($book);
        foreach ($book->carriers as $carrier) {
            $held = CarrierKind::Oil === $carrier->kind && isset($sieves[self::partOf($carrier->from)]);
            [$kind, $from, $to] = [$carrier->kind->value, $carrier->from, $carrier->to];
            $this->next[$kind][self::partOf($from)][$from][] = [$to, $held];
            $this->back[$kind][self::partOf($to)][$to][] = [$from, $held];
            if (!$carrier->kind->hasDirection()) {
                $this->next[$kind][self::partOf($to)][$to][] = [$from, false];
                $this->back[$kind][self::partOf($from)][$from][] = [$to, false];
            }
            foreach ([$carrier->from, $carrier->to] as $place) {
                $this->features[$place][$carrier->kind->value] = true;
                $this->features[self::partOf($place)][$carrier->kind->value] = true;
            }
            if ('' !== $carrier->keepsOut) {
                $this->features[self::partOf($carrier->from)]["keeps-{$carrier->keepsOut}-out"] = true;
            }
        }
        foreach ($book->upkeep->fasteners as $fasteners) {
            $this->features[$fasteners->part]['fastener'] = true;
        }
        foreach ($book->parts as $part) {
            foreach ($part->kinds as $kind) {
                $this->features[$part->key][$kind->value] = true;
            }
            if ($part->runsInItself()) {
                $this->features[$part->key][CarrierKind::Touch->value] = true;
            }
            foreach ($part->surfaces as $surface) {
                if (null !== $surface->kind) {
                    $this->features[$part->key.'/'.$surface->key][$surface->kind->value] = true;
                }
            }
            foreach (array_keys(self::MATERIALS) as $class) {
                if (self::isOf($part, $class)) {
                    $this->features[$part->key][$class] = true;
                }
            }
            foreach ([Debris::Catches, Debris::Magnet, Debris::Low] as $what) {
                if ($part->does($what)) {
                    $this->features[$part->key][$what->value] = true;
                }
            }
            if ([] !== array_filter($part->fields, static fn (Field $field): bool => $field->adjuster)) {
                $this->features[$part->key]['adjustable'] = true;
            }
            if (null !== $part->facing) {
                $this->features[$part->key]['faced'] = true;
            }
            if ('' !== $book->medium) {
                $this->features[$part->key]['liquid'] = true;
            }
            if ([] !== array_filter($book->watch, static fn (Watch $one): bool => self::partOf($one->place) === $part->key)) {
                $this->features[$part->key]['watched'] = true;
            }
            if ($part->isNeighbour) {
                $this->features[$part->key]['neighbour'] = true;
            } elseif (isset($this->features[$part->key]['oil']) && $this->isEntry($part->key)) {
                $this->features[$part->key]['entry'] = true;
            }
        }
    }

    /**
     * Parts that hold debris back: a book writes its filter on the way into the element or out of it.
     *
     * @return array<string, true>
     */
    private static function sieves(Book $book): array
    {
        $sieves = [];
        foreach ($book->carriers as $carrier) {
            if ('' !== $carrier->filter) {
                [$from, $to] = [self::partOf($carrier->from), self::partOf($carrier->to)];
                $is = static fn (string $part): bool => true === ($book->parts[$part] ?? null)?->does(Debris::Sieve);
                $sieves[$is($to) && !$is($from) ? $to : $from] = true;
            }
        }

        return $sieves;
    }

    /** Comes the oil into the unit here? What brings it from outside stands before it. */
    private function isEntry(string $part): bool
    {
        foreach ($this->neighbours(CarrierKind::Oil, $part, true) as $from => $_) {
            if (!$this->book->parts[$from]->isNeighbour) {
                return false;
            }
        }

        return true;
    }

    /** @param string $class of material, such as `bronze` or `hard` */
    public static function isOf(Part $part, string $class): bool
    {
        return 1 === preg_match(self::MATERIALS[$class], strtolower($part->material));
    }

    public static function partOf(string $place): string
    {
        $slash = strpos($place, '/');

        return false === $slash ? $place : substr($place, 0, $slash);
    }

    /** @return list<string> places that a rule goes over and that are as it asks */
    public function where(Where $where): array
    {
        if ('unit' === $where->over) {
            return [''];
        }
        $found = [];
        foreach ($this->places as $part => $places) {
            foreach ('part' === $where->over ? [$part] : $places as $place) {
                if ($this->is($place, $where->features)) {
                    $found[] = $place;
                }
            }
        }

        return $found;
    }

    /** @return list<string> the places of a part */
    public function facesOf(string $part): array
    {
        return $this->places[$part] ?? [$part];
    }

    /**
     * Parts beside a part along a carrier.
     *
     * @return array<string, bool> part => does a filter stand between
     */
    public function neighbours(CarrierKind $kind, string $part, bool $back = false): array
    {
        $found = [];
        foreach (($back ? $this->back : $this->next)[$kind->value][$part] ?? [] as $others) {
            foreach ($others as [$other, $filter]) {
                $other = self::partOf($other);
                if ($other !== $part) {
                    $found[$other] = ($found[$other] ?? true) && $filter;
                }
            }
        }

        return $found;
    }

    /**
     * Parts where what leaves a part may come to lie: the lowest places, and as far as the oil goes on, past no sieve.
     *
     * @param bool $magnets those that hold steel alone, instead of all others
     *
     * @return list<string>
     */
    public function catches(string $part, bool $magnets): array
    {
        $seen = [$part => true];
        $found = [];
        if (isset($this->features[$part]['oil'])) {
            $found = array_values(
                array_filter(
                    array_keys($this->places),
                    fn (string $one): bool => isset($this->features[$one]['catches'], $this->features[$one]['low']),
                )
            );
        }
        for ($open = [$part]; [] !== $open;) {
            $at = array_shift($open);
            if (isset($this->features[$at]['catches'])) {
                $found[] = $at;
            }
            foreach ($this->neighbours(CarrierKind::Oil, $at) as $next => $held) {
                // What a sieve holds back lies in the sieve.
                if (!isset($seen[$next]) && (!$held || isset($this->features[$next]['catches']))) {
                    $seen[$next] = true;
                    $open[] = $next;
                }
            }
        }

        return array_values(
            array_filter(array_unique($found), fn (string $one): bool => $magnets === isset($this->features[$one]['magnet']))
        );
    }

    /**
     * How many steps the oil has taken to a part since it came in; what it reaches only from a part of its own, such as a gear that sheds,
     * stands before all.
     *
     * @return array<string, int>
     */
    public function downstream(): array
    {
        $steps = [];
        $open = array_values(array_filter(array_keys($this->places), fn (string $part): bool => isset($this->features[$part]['entry'])));
        foreach ($open as $part) {
            $steps[$part] = 0;
        }
        for ($i = 0; $i < \count($open); ++$i) {
            foreach ($this->neighbours(CarrierKind::Oil, $open[$i]) as $next => $_) {
                if (!isset($steps[$next])) {
                    $steps[$next] = $steps[$open[$i]] + 1;
                    $open[] = $next;
                }
            }
        }

        return $steps + array_fill_keys(array_keys($this->places), -1);
    }

    /** @return list<string> faces that run on a face; a part that is written without one stands for all its own */
    public function mates(string $place): array
    {
        $mates = [];
        $part = self::partOf($place);
        foreach ([$place, $part] as $own) {
            foreach ($this->next[CarrierKind::Touch->value][$part][$own] ?? [] as [$other]) {
                array_push($mates, ...str_contains($other, '/') ? [$other] : $this->facesOf($other));
            }
        }

        return array_values(array_unique($mates));
    }

    public function isNeighbour(string $part): bool
    {
        return isset($this->features[$part]['neighbour']);
    }

    /** @param list<array{bool, list<string>}> $features */
    private function is(string $place, array $features): bool
    {
        foreach ($features as [$must, $any]) {
            $hasOne = false;
            foreach ($any as $word) {
                $hasOne = $hasOne || $this->has($place, $word);
            }
            if ($must !== $hasOne) {
                return false;
            }
        }

        return true;
    }

    /** A kind is of the face or of its part, a material of the part; a carrier is of the face itself where faces are told apart. */
    public function has(string $place, string $word): bool
    {
        $part = self::partOf($place);
        if (str_starts_with($word, '/')) {
            return 1 === preg_match($word, $this->names($place));
        }
        if (CarrierKind::Touch->value === $word && $place !== $part && $this->toldApart($part)) {
            return isset($this->features[$place][$word]);
        }

        return isset($this->features[$part][$word]) || isset($this->features[$place][$word]);
    }

    private function names(string $place): string
    {
        $part = $this->book->parts[self::partOf($place)];
        $surface = $part->surfaces[explode('/', $place)[1] ?? ''] ?? null;

        return strtolower(implode(' ', [$part->key, $part->name, ...$part->also, $surface->key ?? '', $surface->name ?? '']));
    }

    private function toldApart(string $part): bool
    {
        $touches = fn (string $place): bool => isset($this->features[$place]['touch']);

        return $this->apart[$part] ??= [] !== array_filter($this->places[$part], $touches);
    }
}
