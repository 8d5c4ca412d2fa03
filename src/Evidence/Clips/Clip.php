<?php

declare(strict_types=1);

namespace App\Evidence\Clips;

use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Evidence\Finding;
use App\Evidence\LiesInTray;
use App\Evidence\Photo;
use App\Evidence\PhotoStage;
use App\Evidence\Repository\ClipRepository;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Measuring\SaidNumber;
use Japhrex\Core\Measuring\SaidNumbers;

/** A short clip or a sound note in a case, byte for byte as it came. The same file is in a case once. */
#[ORM\Entity(repositoryClass: ClipRepository::class)]
#[ORM\Table(name: 'clip')]
#[ORM\UniqueConstraint(columns: ['case_id', 'hash'])]
class Clip implements Undoable
{
    use DoneBy;
    use Identified;
    use LiesInTray;
    use OfACase;
    use Versioned;

    /** Seconds: what is stored within them was taken in one go. */
    private const SAME_MOMENT = 180;

    #[ORM\Column(length: 200)]
    public string $caption = '';

    /** What is said in it, typed out by somebody; a number that is only said counts for nothing. */
    #[ORM\Column(type: Types::TEXT)]
    public string $said = '';

    #[ORM\Column(type: 'smallint')]
    public int $clockAhead = 0;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    public ?Finding $finding = null;

    /** The picture of what it speaks of; null: none, or nobody has said. */
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    public ?Photo $photo = null;

    #[ORM\Column(length: 30)]
    public string $type;

    #[ORM\Column]
    public float $seconds;

    /** Pixels; 0 for a sound. */
    #[ORM\Column]
    public int $width;

    #[ORM\Column]
    public int $height;

    /** When it was recorded by the device's clock, if the file says so. */
    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $recordedAt;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 64, options: ['fixed' => true])]
        public string $hash,
        #[ORM\Column(type: Types::BIGINT)]
        public int $bytes,
        ClipFacts $facts,
        #[ORM\Column(length: 60, nullable: true)]
        public ?string $part,
        #[ORM\Column(length: 10, enumType: PhotoStage::class)]
        public PhotoStage $stage,
        #[ORM\Column(length: 255)]
        public string $originalName,
    ) {
        $this->identify();
        [$this->type, $this->seconds, $this->width, $this->height, $this->recordedAt] = [
            $facts->type,
            $facts->seconds,
            $facts->width,
            $facts->height,
            $facts->recordedAt,
        ];
    }

    /** @param string $said in it, typed out by somebody */
    public function describe(string $caption, string $said): void
    {
        [$this->caption, $this->said] = [$caption, $said];
    }

    /**
     * @param Finding|null $finding that it shows; null: none
     * @param Photo|null $photo that was taken while it was said; null: none
     */
    public function shows(?Finding $finding, ?Photo $photo): void
    {
        [$this->finding, $this->photo] = [$finding, $photo];
    }

    /** @return list<SaidNumber> numbers in what was said, to be confirmed */
    public function numbers(): array
    {
        return SaidNumbers::in($this->said);
    }

    /**
     * The picture that was taken in the same minutes, while nobody has said which it is; a still of its own is none.
     *
     * @param list<Photo> $photos
     */
    public function photoOfItsTime(array $photos): ?Photo
    {
        $apart = fn (Photo $one): int => abs($one->madeAt->getTimestamp() - $this->madeAt->getTimestamp());
        $near = array_filter($photos, fn (Photo $one): bool => $apart($one) <= self::SAME_MOMENT && $one->clip !== $this);
        usort($near, static fn (Photo $a, Photo $b): int => $apart($a) <=> $apart($b));

        return $this->photo ?? $near[0] ?? null;
    }

    public function isSound(): bool
    {
        return 0 === $this->width;
    }

    /** Said of it where pictures are listed. */
    public function label(): string
    {
        return \sprintf('%s, %d s', $this->isSound() ? 'sound' : 'clip', max(1, (int) round($this->seconds)));
    }

    public function extension(): string
    {
        return match ($this->type) {
            'video/webm', 'audio/webm' => 'webm',
            'video/quicktime' => 'mov',
            'audio/mp4' => 'm4a',
            'audio/ogg' => 'ogg',
            'audio/mpeg' => 'mp3',
            'audio/wav' => 'wav',
            default => 'mp4',
        };
    }

    /** When it was recorded by the shop's clock. */
    public function takenAt(): ?\DateTimeImmutable
    {
        return $this->recordedAt?->setTimezone(new \DateTimeZone(date_default_timezone_get()))->sub(self::minutes($this->clockAhead));
    }

    private static function minutes(int $minutes): \DateInterval
    {
        $interval = new \DateInterval('PT'.abs($minutes).'M');
        $interval->invert = $minutes < 0 ? 1 : 0;

        return $interval;
    }

    public function auditName(): string
    {
        return ($this->isSound() ? 'Sound ' : 'Clip ').$this->originalName;
    }
}
