<?php

declare(strict_types=1);

namespace App\Parts;

use App\Evidence\Clips\Clip;
use App\Evidence\Finding;
use App\Evidence\PartRecord;
use App\Evidence\Photo;
use App\Evidence\PhotoStage;
use App\Measuring\Measured;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\Feel;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Damage\GradeProposal;
use Japhrex\Core\Family\Debris;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Family\Reuse;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Measuring\NailAndGauge;
use Japhrex\Core\Photo\MeasureKind;

/** Everything known of one part of a case. */
final readonly class PartView
{
    /**
     * @param list<Finding> $findings
     * @param list<Photo> $photos
     * @param array<string, Measured> $measured by field
     * @param PartRecord|null $carried from the last time this unit was here: accepted for one more run
     * @param list<Clip> $clips
     */
    public function __construct(
        public Part $part,
        public bool $isOff,
        public array $findings,
        public ?PartRecord $record,
        public array $photos,
        public array $measured,
        public ?PartRecord $carried = null,
        public array $clips = [],
    ) {
    }

    public function isLookedAt(): bool
    {
        // What a hand felt, an ear heard or a nose smelt is a look like any other.
        return [] !== $this->looks() || [] !== ($this->record?->senses() ?? []);
    }

    /** @return list<Finding> that say how it looks */
    private function looks(): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $one): bool => $one->kind->isLook()));
    }

    /** Is there anything to see of it yet? */
    public function isAtHand(): bool
    {
        return $this->isOff || $this->isLookedAt();
    }

    /** May debris lie in it that nobody has told of yet? Once it is washed, what it would have said is gone. */
    public function mayHoldDebris(): bool
    {
        $told = static fn (Finding $one): bool => DebrisKind::MODE === $one->mode || FindingKind::Clean === $one->kind;

        return $this->part->does(Debris::Catches) && $this->isAtHand() && [] === array_filter($this->findings, $told);
    }

    /** Grade on the wear ramp, the worst finding of damage; null: nobody has looked. */
    public function grade(): ?int
    {
        $looks = $this->looks();

        return [] === $looks ? null : max(array_map(static fn (Finding $finding): int => $finding->rampGrade(), $looks));
    }

    /** @return list<string> what is still open on this part, in words */
    public function open(): array
    {
        if (!$this->isAtHand()) {
            return [];
        }

        return array_values(array_filter([
            $this->isLookedAt() ? null : 'look at it',
            [] === $this->photos ? 'photo' : null,
            $this->readingsSaid(),
            null === $this->record?->disposition && !$this->part->isNeighbour ? 'decide' : null,
        ]));
    }

    public function readingsOpen(): int
    {
        return \count(array_filter($this->measured, static fn (Measured $one): bool => $one->isOpen()));
    }

    /** How many there are to read. */
    public function readingsAll(): int
    {
        return \count(array_filter($this->measured, static fn (Measured $one): bool => $one->field->isTyped()));
    }

    /** What is open of its readings, in words. */
    public function readingsSaid(): ?string
    {
        return 0 === $this->readingsOpen() ? null : \sprintf('%d of %d readings', $this->readingsOpen(), $this->readingsAll());
    }

    /** The picture for its cell: cleaned before as found, the newest first. */
    public function picture(): ?Photo
    {
        $best = null;
        foreach ($this->photos as $photo) {
            if (null === $best || PhotoStage::Cleaned === $photo->stage || PhotoStage::Cleaned !== $best->stage) {
                $best = $photo;
            }
        }

        return $best;
    }

    /** Is it to go back in although the book says that it never does? */
    public function isReusedAgainstTheBook(): bool
    {
        return $this->isNeverReused() && true === $this->record?->disposition?->keepsThePart();
    }

    /** A nail feels something, and nobody has measured it yet. */
    public function asksForMeasuring(): bool
    {
        $felt = array_filter([$this->record?->feel, ...array_map(static fn (Finding $finding): ?Feel => $finding->feel, $this->findings)]);

        return $this->readingsOpen() > 0 && [] !== array_filter($felt, static fn (Feel $feel): bool => $feel->asksForMeasuring());
    }

    /** Nail and gauge that say different things: both stand. Empty: they agree, or one of them has not spoken. */
    public function nailAgainstGauge(): string
    {
        $felt = array_filter([$this->record?->feel, ...array_map(static fn (Finding $finding): ?Feel => $finding->feel, $this->findings)]);
        $finds = [] !== array_filter($felt, static fn (Feel $feel): bool => $feel->asksForMeasuring());
        $read = array_filter(array_map(static fn (Measured $one): ?LimitVerdict => $one->assessment()?->verdict, $this->measured));

        return NailAndGauge::differ([] === $felt ? null : $finds, array_values($read));
    }

    /** A grade from what is known of it, with its arithmetic; null while too little is known. */
    public function proposal(): ?GradeProposal
    {
        $share = null;
        foreach ($this->photos as $photo) {
            foreach ($photo->measures as $measure) {
                $share = MeasureKind::Share === $measure->kind ? max($share ?? 0.0, $measure->value) : $share;
            }
        }
        $damage = array_values(array_filter($this->findings, static fn (Finding $finding): bool => FindingKind::Damage === $finding->kind));
        $feels = array_filter([$this->record?->feel, ...array_map(static fn (Finding $finding): ?Feel => $finding->feel, $damage)]);
        usort($feels, static fn (Feel $a, Feel $b): int => array_search($b, Feel::cases(), true) <=> array_search($a, Feel::cases(), true));
        $read = [];
        foreach ($this->measured as $one) {
            $assessment = $one->assessment();
            if (null !== $assessment) {
                $read[$one->field->name] = $assessment;
            }
        }

        return GradeProposal::of($damage[0]->mode ?? '', $feels[0] ?? null, $share, $read);
    }

    /** What the book says must become of it whatever it looks like. */
    public function isNeverReused(): bool
    {
        return Reuse::Inspect !== $this->part->reuse;
    }

    /**
     * Surfaces that nobody has looked at yet.
     *
     * @return list<string> keys
     */
    public function surfacesOpen(): array
    {
        foreach ($this->findings as $finding) {
            if (null === $finding->surface && FindingKind::Clean === $finding->kind) {
                return [];
            }
        }
        $seen = array_map(static fn (Finding $finding): ?string => $finding->surface, $this->findings);

        return array_values(
            array_filter(array_keys($this->part->surfaces), static fn (string $key): bool => !\in_array($key, $seen, true))
        );
    }
}
