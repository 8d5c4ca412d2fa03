<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Account\Actor;
use App\Account\Audited;
use App\Account\DoneBy;
use App\Evidence\Photo;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Repair\Repository\BuildRecordRepository;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Repair\Build\BuildAnswer;

/** A step of the build as it was done, or what stopped it. Attempts are added, never changed; the last of a step counts. */
#[ORM\Entity(repositoryClass: BuildRecordRepository::class)]
#[ORM\Table(name: 'build_record')]
#[ORM\Index(columns: ['case_id', 'step'])]
class BuildRecord implements Audited
{
    use DoneBy;
    use Identified;
    use OfACase;

    /** Did it stop the build? */
    #[ORM\Column]
    public bool $stopped = false;

    /** @var array<string, mixed> what was typed: readings, shims, counts, torque, whether it turns */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $typed = [];

    /** @var list<string> what was found, and what can be done */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $says = [];

    #[ORM\Column(length: 80)]
    public string $withWhom = '';

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    public ?Photo $photo = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 80)]
        public string $step,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    /**
     * @param array<string, mixed> $typed
     * @param string $with the second person, where the step asks for two
     * @param Photo|null $photo of the part as fitted
     */
    public function say(BuildAnswer $answer, array $typed, string $with, ?Photo $photo): void
    {
        [$this->stopped, $this->says, $this->typed, $this->withWhom, $this->photo] = [
            !$answer->done,
            $answer->says,
            $typed,
            $with,
            $photo,
        ];
    }

    /** @param string $typed where an adjuster was left */
    public function adjusterLeftAt(string $typed): void
    {
        $this->typed = ['left' => $typed];
    }

    public function auditName(): string
    {
        return 'Build step '.$this->step;
    }
}
