<?php

declare(strict_types=1);

namespace App\Report;

use Doctrine\ORM\Mapping as ORM;

use function Symfony\Component\Clock\now;

/** A file that the worker makes, how far it is, and under which hash it is kept. */
trait InTheMaking
{
    #[ORM\Column(length: 10, enumType: ReportState::class)]
    public ReportState $state = ReportState::Waiting;

    /** What is being done, in words, while it is made. */
    #[ORM\Column(length: 120)]
    public string $doing = 'waiting for the worker';

    #[ORM\Column(type: 'smallint')]
    public int $percent = 0;

    #[ORM\Column(length: 64, nullable: true)]
    public ?string $hash = null;

    #[ORM\Column(nullable: true)]
    public ?int $bytes = null;

    #[ORM\Column(type: 'text')]
    public string $error = '';

    #[ORM\Column(type: 'datetimetz_immutable')]
    public \DateTimeImmutable $touchedAt;

    public function isMade(): bool
    {
        return ReportState::Ready === $this->state;
    }

    public function step(int $percent, string $doing): void
    {
        $this->state = ReportState::Making;
        $this->percent = $percent;
        $this->doing = $doing;
        $this->touchedAt = now();
    }

    /** Has the worker said nothing for so long that it may have died? The queue hands the work out again by itself. */
    public function isSilent(): bool
    {
        return !$this->state->isOver() && $this->touchedAt < now('-45 seconds');
    }

    public function failed(\Throwable $error): void
    {
        $this->state = ReportState::Failed;
        $this->error = 'It could not be made: '.mb_substr($error->getMessage(), 0, 600);
    }

    private function ready(): void
    {
        [$this->state, $this->percent, $this->doing] = [ReportState::Ready, 100, 'ready'];
    }

    /** @param string $file that is kept under that hash */
    public function kept(string $hash, string $file): void
    {
        [$this->hash, $this->bytes] = [$hash, (int) filesize($file)];
        $this->ready();
    }
}
