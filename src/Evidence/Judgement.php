<?php

declare(strict_types=1);

namespace App\Evidence;

use Japhrex\Core\Damage\FindingKind;

/** What somebody judged of a find: kept when it is judged anew, and beside it when somebody else sees it otherwise. */
final readonly class Judgement
{
    public function __construct(
        public string $who,
        public \DateTimeImmutable $at,
        public FindingKind $kind,
        public ?string $mode,
        public int $grade,
        public string $because = '',
    ) {
    }

    /** @return array<string, int|string|null> as it is stored */
    public function plain(): array
    {
        return [
            'who' => $this->who, 'at' => $this->at->format(\DATE_ATOM), 'kind' => $this->kind->value, 'mode' => $this->mode,
            'grade' => $this->grade, 'because' => $this->because,
        ];
    }

    /** @param array<string, int|string|null> $stored */
    public static function of(array $stored): self
    {
        return new self(
            (string) ($stored['who'] ?? ''),
            new \DateTimeImmutable((string) ($stored['at'] ?? 'now')),
            FindingKind::from((string) ($stored['kind'] ?? '')),
            isset($stored['mode']) ? (string) $stored['mode'] : null,
            (int) ($stored['grade'] ?? 0),
            (string) ($stored['because'] ?? ''),
        );
    }

    /** Does it say the same of the part? */
    public function agreesWith(self $other): bool
    {
        return $this->kind === $other->kind && $this->mode === $other->mode && $this->grade === $other->grade;
    }

    public function because(string $why): self
    {
        return new self($this->who, $this->at, $this->kind, $this->mode, $this->grade, mb_substr(trim($why), 0, 400));
    }
}
