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
use Japhrex\Core\Proof\ExpectedFlow;
use Japhrex\Core\Proof\LiveRows;
use Japhrex\Core\Proof\Trace;

/**
 * A recording of the stand. The file is kept as it came, under its hash; what is drawn is worked out once, when it comes.
 *
 * @phpstan-type Drawn list<array{t: float, low: array<string, float>, high: array<string, float>, mean: array<string, float>}>
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

    /** @var Drawn */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $drawn = [];

    /** @var list<float|null> flow that the clearances let expect, for each point that is drawn; empty: it could not be told */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $expected = [];

    /** @var array{passed: bool, share: float, short: float, warm: bool}|null */
    #[ORM\Column(type: 'json', nullable: true, options: ['jsonb' => true])]
    public ?array $judged = null;

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

    public function trace(): Trace
    {
        return new Trace($this->units, LiveRows::readable($this->drawn), $this->expected, $this->flowU, $this->seconds, $this->gaps);
    }

    /** What the judgement says; empty: there is none. */
    public function says(): string
    {
        return null === $this->judged ? '' : ExpectedFlow::says($this->judged);
    }

    public function auditName(): string
    {
        return 'Recording '.$this->name;
    }
}
