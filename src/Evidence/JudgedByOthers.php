<?php

declare(strict_types=1);

namespace App\Evidence;

use Doctrine\ORM\Mapping as ORM;

/** Of a find: how it was judged before, and how others judge it. None of it is overwritten. */
trait JudgedByOthers
{
    /** Seconds within which one's own change without a reason is a slip of the finger. */
    private const SLIP = 600;

    /** @var list<array<string, int|string|null>> the oldest first */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    private array $judgedBefore = [];

    /** @var list<array<string, int|string|null>> one a person */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    private array $opinions = [];

    public function judgement(\DateTimeImmutable $at): Judgement
    {
        return new Judgement($this->byWhom, $at, $this->kind, $this->mode, $this->rampGrade());
    }

    /** Keeps what was judged before, with the reason of the change; what says the same, or was a slip, is not kept. */
    public function judgedAnew(Judgement $was, \DateTimeImmutable $now, string $because): void
    {
        $slip = '' === trim($because) && $was->who === $this->byWhom && $now->getTimestamp() - $was->at->getTimestamp() < self::SLIP;
        if (!$slip && !$was->agreesWith($this->judgement($now))) {
            $this->judgedBefore = [...$this->judgedBefore, $was->because($because)->plain()];
        }
    }

    /** @return list<Judgement> the oldest first, each with why it was judged anew */
    public function judgedBefore(): array
    {
        return array_map(Judgement::of(...), $this->judgedBefore);
    }

    /** Somebody else judges it so; what that person said of it before gives way. */
    public function otherwise(Judgement $opinion): void
    {
        $others = array_filter($this->opinions, static fn (array $one): bool => $one['who'] !== $opinion->who);
        $this->opinions = [...array_values($others), $opinion->plain()];
    }

    /** @return list<Judgement> of others */
    public function opinions(): array
    {
        return array_map(Judgement::of(...), $this->opinions);
    }

    /** Does anybody see it otherwise? */
    public function isDisputed(): bool
    {
        $own = $this->judgement(new \DateTimeImmutable('@0'));

        return [] !== array_filter($this->opinions(), static fn (Judgement $one): bool => !$one->agreesWith($own));
    }
}
