<?php

declare(strict_types=1);

namespace App\Parts;

use App\Evidence\Finding;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Photo\SeenDamage;
use Japhrex\Core\Photo\Wanted;

/** The parts of a case in strip order, with everything that is known of each. */
final readonly class CaseParts
{
    /**
     * @param array<string, PartView> $views by part, in strip order, then what stands beside the unit
     * @param list<string> $shown ids of findings that a mark in some picture shows
     */
    public function __construct(public Book $book, public array $views, private array $shown, private ModeCatalogue $modes)
    {
    }

    /** @return array<string, PartView> the parts of the unit itself */
    public function ofUnit(): array
    {
        return array_filter($this->views, static fn (PartView $view): bool => !$view->part->isNeighbour);
    }

    /** @return array<string, PartView> what stands beside it */
    public function neighbouring(): array
    {
        return array_filter($this->views, static fn (PartView $view): bool => $view->part->isNeighbour);
    }

    /** @return array<string, PartView> parts of the unit that nobody has looked at */
    public function unseen(): array
    {
        return array_filter($this->ofUnit(), static fn (PartView $view): bool => !$view->isLookedAt());
    }

    /** @return array<string, list<string>> names of the parts by what is decided to go in of them: new, machined, as it was */
    public function becomes(): array
    {
        $becomes = [];
        foreach ($this->decided() as $view) {
            $becomes[$view->record?->disposition?->goesIn() ?? ''][] = $view->part->short;
        }

        return $becomes;
    }

    /** @return array<string, PartView> those of which somebody has decided what becomes of them */
    public function decided(): array
    {
        return array_filter($this->views, static fn (PartView $view): bool => null !== $view->record?->disposition);
    }

    /** @return array<string, int> worst grade of each place: of a surface as part/surface, of a part as a whole by its key */
    public function grades(): array
    {
        $grades = [];
        foreach ($this->views as $view) {
            foreach ($view->findings as $finding) {
                if ($finding->rampGrade() > 0) {
                    $grades[$finding->place()] = max($grades[$finding->place()] ?? 0, $finding->rampGrade());
                }
            }
        }

        return $grades;
    }

    /** @return array<string, string> by part of the unit: what its drawing says of it besides its grade */
    public function states(): array
    {
        return array_filter(array_map(
            static fn (PartView $view): string => $view->isAtHand() ? ($view->isLookedAt() ? '' : 'unseen') : 'inside',
            $this->ofUnit(),
        ));
    }

    /** The next part with open work, after the one in hand. */
    public function nextOpen(?string $after = null): ?string
    {
        return $this->next($after, static fn (PartView $view): bool => [] !== $view->open());
    }

    /** The next part at hand that nobody has looked at, or for who decides: that nobody has decided on. */
    public function nextToJudge(string $after, bool $decides): ?string
    {
        return $this->next(
            $after,
            static fn (PartView $view): bool => $view->isAtHand()
                && (!$view->isLookedAt() || ($decides && null === $view->record?->disposition)),
        );
    }

    /** @param callable(PartView): bool $asks */
    private function next(?string $after, callable $asks): ?string
    {
        $keys = array_keys($this->views);
        $start = null === $after ? 0 : (int) array_search($after, $keys, true) + 1;
        foreach ([...\array_slice($keys, $start), ...\array_slice($keys, 0, $start)] as $key) {
            if ($key !== $after && $asks($this->views[$key])) {
                return $key;
            }
        }

        return null;
    }

    /** @return Neighbours neighbours of a part in strip order */
    public function neighbours(string $part): Neighbours
    {
        $keys = array_keys($this->views);
        $at = array_search($part, $keys, true);

        return new Neighbours(false === $at ? null : $keys[$at - 1] ?? null, false === $at ? null : $keys[$at + 1] ?? null);
    }

    /** @return list<string> pictures that are wanted of a part and missing, in words */
    public function wanted(string $part): array
    {
        $view = $this->views[$part] ?? null;
        if (null === $view || !$view->isAtHand()) {
            return [];
        }
        $has = [];
        foreach ($view->photos as $photo) {
            $has[$photo->stage->value] = true;
        }
        $findings = array_map(fn (Finding $finding): SeenDamage => new SeenDamage(
            $finding->place(),
            $finding->rampGrade(),
            $this->modes->get($finding->mode)->name ?? 'damage',
            $finding->how->notInPicture || \in_array((string) $finding->id, $this->shown, true),
        ), array_values(array_filter($view->findings, static fn (Finding $finding): bool => $finding->kind->needsACause())));

        return Wanted::ofPart($this->book, $part, $findings, $has, fn (string $other): bool => [] !== ($this->views[$other]->photos ?? []));
    }
}
