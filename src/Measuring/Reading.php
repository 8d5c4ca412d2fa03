<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Measuring\Repository\ReadingRepository;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

/** The readings of one field of one part, as typed, with their gauge and its zero check. */
#[ORM\Entity(repositoryClass: ReadingRepository::class)]
#[ORM\Table(name: 'reading')]
#[ORM\UniqueConstraint(columns: ['case_id', 'part', 'field'])]
class Reading implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;
    use Versioned;

    /** @var list<string> as typed: values, or for a feeler pair what passes and what stops */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $typed = [];

    /** @var list<string> where each was taken, beside `typed`; empty: no places were named */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $places = [];

    #[ORM\ManyToOne(fetch: 'EAGER')]
    public ?Gauge $gauge = null;

    /** The gauge as it was when the reading was taken: a later calibration does not change what was read. Empty: not named. */
    #[ORM\Column(length: 80)]
    public string $gaugeName = '';

    #[ORM\Column(length: 40)]
    public string $gaugeResolution = '';

    #[ORM\Column(length: 40)]
    public string $gaugeExpanded = '';

    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $gaugeCalibratedOn = null;

    /** When its calibration was due then. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $gaugeDue = null;

    /** What the gauge showed on zero, as typed; empty: not checked. */
    #[ORM\Column(length: 40)]
    public string $zero = '';

    #[ORM\Column(length: 300)]
    public string $note = '';

    #[ORM\Column(type: 'datetimetz_immutable')]
    public \DateTimeImmutable $at;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 60)]
        public string $part,
        #[ORM\Column(length: 60)]
        public string $field,
    ) {
        $this->identify();
        $this->at = $this->madeAt;
    }

    /**
     * @param list<string> $typed
     * @param list<string> $places beside them; empty: no places were named
     */
    public function take(array $typed, array $places, Actor $who): void
    {
        [$this->typed, $this->places, $this->at] = [$typed, $places, now()];
        $this->doneBy($who);
    }

    public function remark(string $note): void
    {
        $this->note = mb_substr(trim($note), 0, 300);
    }

    /** @return list<string> what was read at a place; without one, all of it */
    public function typedAt(string $place): array
    {
        return array_values(array_filter(
            $this->typed,
            fn (string $one, int $i): bool => '' === $place || ($this->places[$i] ?? '') === $place,
            \ARRAY_FILTER_USE_BOTH,
        ));
    }

    public function takenWith(?Gauge $gauge, string $zero = ''): void
    {
        $this->zero = $zero;
        $this->gauge = $gauge;
        $this->gaugeName = $gauge->name ?? '';
        $this->gaugeResolution = $gauge->resolution ?? '';
        $this->gaugeExpanded = $gauge->expanded ?? '';
        $this->gaugeCalibratedOn = $gauge?->calibratedOn;
        $this->gaugeDue = $gauge?->calibrationDue;
    }

    /** Was its gauge out of calibration when it was taken? */
    public function isOverdue(): bool
    {
        return null !== $this->gaugeDue && $this->gaugeDue->format('Y-m-d') < $this->at->format('Y-m-d');
    }

    /**
     * As typed, each at its place, repeats parted by a semicolon; what has no place follows.
     *
     * @param list<string> $places of the field
     *
     * @return list<string> blank where nothing was taken
     */
    public function atPlaces(array $places): array
    {
        $texts = array_fill(0, \count($places), '');
        $rest = [];
        foreach ($this->typed as $i => $text) {
            $at = array_search($this->places[$i] ?? '', $places, true);
            \is_int($at) ? $texts[$at] .= ('' === $texts[$at] ? '' : '; ').$text : $rest[] = $text;
        }

        return [...$texts, ...$rest];
    }

    /** @return list<string> of a feeler the size that goes and the one that stops, as typed */
    public function pair(): array
    {
        return 1 === \count($this->typed) && str_contains($this->typed[0], '..') ? explode('..', $this->typed[0]) : $this->typed;
    }

    /** As typed, each with its place: "26.000 mm (12 o'clock); 25.960 mm (3 o'clock)". */
    public function said(): string
    {
        return implode(
            '; ',
            array_map(
                fn (string $text, int $i): string => '' === ($this->places[$i] ?? '') ? $text : $text.' ('.$this->places[$i].')',
                $this->typed,
                array_keys($this->typed),
            ),
        );
    }

    public function auditName(): string
    {
        return 'Reading '.$this->field.' of '.$this->part;
    }
}
