<?php

declare(strict_types=1);

namespace App\Shop;

use App\Evidence\Clips\Clip;
use App\Evidence\Finding;
use App\Evidence\Photo;
use App\Evidence\PhotoStage;
use App\Intake\CaseFile;
use App\Verdict\Verdict;
use Japhrex\Core\Chain\ClosureProblem;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Photo\Wanted;
use Japhrex\Core\Teardown\StripRun;

/** A case with everything that is open in it: what the walk, the wear strip and the pages show. */
final readonly class CaseBoard
{
    /**
     * @param array<string, PartView> $parts in strip order
     * @param list<Photo> $arrival photos of the unit as it came
     * @param list<ClosureProblem> $problems what the chain leaves open
     */
    public function __construct(
        public CaseFile $case,
        public Book $book,
        public StripRun $strip,
        public array $parts,
        public array $arrival,
        public array $problems,
        public int $nodes,
        public ?Verdict $verdict,
        public bool $hasReport,
        /** Pictures that lie in the tray without a part. */
        public int $tray = 0,
        /** @var list<Clip> of the unit as a whole */
        public array $clips = [],
        /** @var list<string> ids of findings that a mark in some picture shows */
        public array $shown = [],
        private ?ModeCatalogue $modes = null,
        /** Offers that wait for the customer's answer. */
        public int $toChoose = 0,
        /** Parts that are not decided on in a signed case, and steps of a build that was begun. */
        public int $toDo = 0,
        /** Steps of the proof that are not passed, once it is due. */
        public int $unproved = 0,
    ) {
    }

    /** @return array<string, array{label: string, route: string, open: int, say: string}> the stages in the order of work */
    public function walk(): array
    {
        // What is signed is closed: nothing in it asks for work any more.
        $off = $this->case->isSigned()
            ? []
            : array_filter($this->parts, static fn (PartView $part): bool => $part->isOff || $part->isLookedAt());
        $looks = \count(array_filter($off, static fn (PartView $part): bool => [] !== array_diff($part->open(), [$part->readingsSaid()])));
        $readings = array_sum(array_map(static fn (PartView $part): int => $part->readingsOpen(), $off));

        return [
            'intake' => [
                'label' => 'Intake',
                'route' => 'intake',
                'open' => $this->case->isSigned() ? 0 : $this->intakeOpen(),
                'say' => 'to fill in',
            ],
            'strip' => [
                'label' => 'Strip',
                'route' => 'strip',
                'open' => $this->case->isSigned() ? 0 : $this->strip->open(),
                'say' => 'steps ahead',
            ],
            'parts' => ['label' => 'Parts', 'route' => 'parts', 'open' => $looks, 'say' => 'parts with open work'],
            'readings' => ['label' => 'Readings', 'route' => 'readings', 'open' => (int) $readings, 'say' => 'readings to take'],
            'chain' => [
                'label' => 'Chain',
                'route' => 'chain',
                'open' => $this->case->isSigned() ? 0 : \count($this->problems),
                'say' => 'points open',
            ],
            'verdict' => ['label' => 'Verdict', 'route' => 'verdict', 'open' => $this->case->isSigned() ? 0 : 1, 'say' => 'to sign'],
            'repair' => [
                'label' => 'Repair',
                'route' => 'repair',
                'open' => $this->toChoose + $this->toDo,
                'say' => 'offers to be answered, parts to decide on and steps to build',
            ],
            'proof' => ['label' => 'Proof', 'route' => 'proof', 'open' => $this->unproved, 'say' => 'steps not passed'],
            'report' => [
                'label' => 'Report',
                'route' => 'report',
                'open' => $this->case->isSigned() && !$this->hasReport ? 1 : 0,
                'say' => 'to make',
            ],
        ];
    }

    /** Where to go on: the first stage with something open. */
    public function nextStage(): string
    {
        foreach ($this->walk() as $key => $stage) {
            if ($stage['open'] > 0) {
                return $key;
            }
        }

        return 'report';
    }

    /** The next part with open work, after the one in hand. */
    public function nextOpenPart(?string $after = null): ?string
    {
        $keys = array_keys($this->parts);
        $start = null === $after ? 0 : (int) array_search($after, $keys, true) + 1;
        foreach ([...\array_slice($keys, $start), ...\array_slice($keys, 0, $start)] as $key) {
            if ($key !== $after && [] !== $this->parts[$key]->open()) {
                return $key;
            }
        }

        return null;
    }

    /** @return array{previous: string|null, next: string|null} neighbours of a part in strip order */
    public function neighbours(string $part): array
    {
        $keys = array_keys($this->parts);
        $at = array_search($part, $keys, true);

        return ['previous' => false === $at ? null : $keys[$at - 1] ?? null, 'next' => false === $at ? null : $keys[$at + 1] ?? null];
    }

    /** @return list<WearCell> */
    public function wearStrip(): array
    {
        return array_map(
            static fn (PartView $view): WearCell => new WearCell($view->part->key, $view->part->short, $view->grade(), $view->isOff),
            array_values($this->parts),
        );
    }

    /** @return list<string> pictures that are wanted of a part and missing, in words */
    public function wanted(string $part): array
    {
        $view = $this->parts[$part] ?? null;
        if (null === $view || !($view->isOff || $view->isLookedAt())) {
            return [];
        }
        $has = [];
        foreach ($view->photos as $photo) {
            $has[$photo->stage->value] = true;
        }
        $findings = array_map(fn (Finding $finding): array => [
            'place' => $finding->place(), 'grade' => $finding->rampGrade(), 'name' => $this->modes?->get($finding->mode)->name
                ?? 'damage', 'shown' => \in_array(
                    (string) $finding->id,
                    $this->shown,
                    true,
                ),
        ], array_values(array_filter($view->findings, static fn (Finding $finding): bool => $finding->kind->needsACause())));

        return Wanted::ofPart($this->book, $part, $findings, $has, fn (string $other): bool => [] !== ($this->parts[$other]->photos ?? []));
    }

    /** @return list<string> of the unit as it came */
    public function wantedOnArrival(): array
    {
        $arrival = array_filter($this->arrival, static fn (Photo $photo): bool => PhotoStage::Arrival === $photo->stage);
        $tag = array_filter(
            $arrival,
            static fn (Photo $photo): bool => 1 === preg_match('/\b(tag|plate)\b/i', $photo->caption.' '.$photo->originalName),
        );

        return Wanted::ofArrival(\count($arrival), [] !== $tag);
    }

    private function intakeOpen(): int
    {
        return ($this->case->complaints->isEmpty() ? 1 : 0)
            + ($this->case->arrival?->open() > 0 ? 1 : 0)
            + ([] === array_filter($this->arrival, static fn (Photo $photo): bool => PhotoStage::Arrival === $photo->stage) ? 1 : 0)
            + ('' === $this->case->serial && '' === $this->case->tag ? 1 : 0);
    }
}
