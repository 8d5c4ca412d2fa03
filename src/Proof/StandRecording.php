<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Proof\Repository\StandRecordingRepository;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Proof\DrawnPoint;
use Japhrex\Core\Proof\ExpectedFlow;
use Japhrex\Core\Proof\JudgedRun;
use Japhrex\Core\Proof\LiveRows;
use Japhrex\Core\Proof\Recording;
use Japhrex\Core\Proof\Trace;

/**
 * A recording of the stand. The file is kept as it came, under its hash; what is drawn is worked out once, when it comes.
 */
#[ORM\Entity(repositoryClass: StandRecordingRepository::class)]
#[ORM\Table(name: 'stand_recording')]
#[ORM\Index(columns: ['case_id'])]
class StandRecording implements Audited
{
    use DoneBy;
    use Identified;
    use OfACase;

    #[ORM\Column(name: 'nr_of_rows')]
    public int $rowCount = 0;

    #[ORM\Column]
    public float $seconds = 0.0;

    /** @var array<string, string> channel => unit as in the file */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $units = [];

    /** @var list<array{float, float}> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $gaps = [];

    /** @var list<mixed> points as they are stored; see DrawnPoint */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    private array $drawn = [];

    /** @var list<float|null> flow that the clearances let expect, for each point that is drawn; empty: it could not be told */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $expected = [];

    /** @var array<string, bool|float|int>|null as it is stored; see JudgedRun */
    #[ORM\Column(type: 'json', nullable: true, options: ['jsonb' => true])]
    private ?array $judged = null;

    /** The stand it was recorded on; empty: not told. */
    #[ORM\Column(length: 80)]
    public string $stand = '';

    /** Expanded uncertainty of that stand's flow, m³/s; 0: not told. */
    #[ORM\Column]
    public float $flowU = 0.0;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 200)]
        public string $name,
        #[ORM\Column(length: 64)]
        public string $hash,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    /** @param int $points so many are drawn */
    public function holds(Recording $read, int $points): void
    {
        [$this->rowCount, $this->seconds, $this->units] = [\count($read->times), $read->seconds(), $read->units];
        $this->gaps = $read->gaps();
        $this->drawn = array_map(static fn (DrawnPoint $point): array => $point->jsonSerialize(), $read->drawn($points));
    }

    /** Says of each point what the clearances let expect there, and judges the run by it. */
    public function expects(ExpectedFlow $flow): void
    {
        $drawn = LiveRows::readable($this->drawn);
        [$this->expected, $this->judged] = [$flow->along($drawn), $flow->judge($drawn)?->jsonSerialize()];
    }

    public function trace(): Trace
    {
        return new Trace($this->units, LiveRows::readable($this->drawn), $this->expected, $this->flowU, $this->seconds, $this->gaps);
    }

    /** Null: what the clearances let expect could not be told. */
    public function judged(): ?JudgedRun
    {
        return null === $this->judged ? null : JudgedRun::read($this->judged);
    }

    /** What the judgement says; empty: there is none. */
    public function says(): string
    {
        return $this->judged()?->says() ?? '';
    }

    public function auditName(): string
    {
        return 'Recording '.$this->name;
    }
}
