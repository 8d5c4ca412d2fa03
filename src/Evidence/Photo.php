<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Evidence\Clips\Clip;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Validator\Constraints as Assert;

/** A picture in a case: of which part, at which stage. The same picture is in a case once. */
#[ORM\Entity(repositoryClass: PhotoRepository::class)]
#[ORM\Table(name: 'photo')]
#[ORM\UniqueConstraint(columns: ['case_id', 'picture_id'])]
class Photo implements Undoable
{
    use DoneBy;
    use Identified;
    use LiesInTray;
    use OfACase;
    use Versioned;

    #[ORM\Column(length: 200)]
    #[Assert\Length(max: 200)]
    public string $caption = '';

    /**
     * What it is measured with, once somebody or the finder set it.
     *
     * @var array{kind: string, points: list<array{float, float}>, width: float, height?: float, by: string}|null
     */
    #[ORM\Column(type: 'json', nullable: true, options: ['jsonb' => true])]
    public ?array $ruler = null;

    /** @var list<string> what is wrong with it as a picture, told at once; it is never refused for it */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $hints = [];

    /** How much the camera's clock was ahead, minutes, as told when it was sent. */
    #[ORM\Column(type: 'smallint')]
    public int $clockAhead = 0;

    /** The clip that it is a still of, and from which second. */
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    public ?Clip $clip = null;

    #[ORM\Column(nullable: true)]
    public ?float $second = null;

    /** @var Collection<int, PhotoMeasure> */
    #[ORM\OneToMany(mappedBy: 'photo', targetEntity: PhotoMeasure::class)]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $measures;

    /** @var Collection<int, Mark> */
    #[ORM\OneToMany(mappedBy: 'photo', targetEntity: Mark::class)]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $marks;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\ManyToOne(fetch: 'EAGER')]
        #[ORM\JoinColumn(nullable: false)]
        public Picture $picture,
        #[ORM\Column(length: 60, nullable: true)]
        public ?string $part,
        #[ORM\Column(length: 10, enumType: PhotoStage::class)]
        public PhotoStage $stage,
        #[ORM\Column(length: 255)]
        public string $originalName,
    ) {
        $this->identify();
        $this->marks = new ArrayCollection();
        $this->measures = new ArrayCollection();
    }

    /** When it was taken by the shop's clock; the camera knows no time zone, so the shop's is taken. */
    public function takenAt(): ?\DateTimeImmutable
    {
        if (null !== $this->clip) {
            return $this->clip->takenAt()?->add(new \DateInterval('PT'.(int) $this->second.'S'));
        }
        $clock = \DateTimeImmutable::createFromFormat('Y:m:d H:i:s', $this->picture->takenAt ?? '');

        return false === $clock
            ? null
            : $clock->sub(\DateInterval::createFromDateString($this->clockAhead.' minutes') ?: new \DateInterval('PT0S'));
    }

    public function auditName(): string
    {
        return 'Photo '.$this->originalName;
    }

    /**
     * @param array{kind: string, points: list<array{float, float}>, width: float, height?: float, by: string}|null $ruler null: none
     */
    public function measureWith(?array $ruler): void
    {
        $this->ruler = $ruler;
    }

    /** @param list<string> $hints what is wrong with it as a picture */
    public function hint(array $hints): void
    {
        $this->hints = $hints;
    }

    /** It was taken out of a clip, at a second of it. */
    public function stillOf(Clip $clip, float $second): void
    {
        [$this->clip, $this->second] = [$clip, max(0.0, min($clip->seconds, $second))];
    }

    public function describe(?string $part, PhotoStage $stage, string $caption): void
    {
        $this->sortTo($part, $stage);
        $this->caption = $caption;
    }
}
