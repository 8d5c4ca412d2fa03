<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\Permission;
use App\Intake\CaseFile;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Intake\Frame\HeardAnswer;
use App\Intake\Frame\WalkStop;
use App\Proof\Aftercare\Repository\UserAnswerRepository;
use App\Repair\Build\BuildDesk;
use App\Repair\Build\BuildRow;
use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Proof\UserSays;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

#[AsTaggedItem(priority: 30)]
final readonly class ProofFrame implements FramePart
{
    public function __construct(
        private ProofDesk $proof,
        private BuildDesk $build,
        private Standings $standings,
        private UserAnswerRepository $answers,
    ) {
    }

    public function frame(CaseFrame $frame): void
    {
        foreach ($this->answers->ofCase($frame->case) as $answer) {
            $frame->heard(new HeardAnswer(
                UserSays::Failed === $answer->says,
                $answer->name,
                $answer->madeAt,
                $answer->inWords(),
                null === $answer->photo ? null : (string) $answer->photo->id,
            ));
        }
        $frame->stand($this->standings->wordsFor([$frame->case])[(string) $frame->case->id]);
        $frame->add(new WalkStop('proof', 'Proof', $this->unproved($frame->case), 'steps not passed', Permission::BENCH));
    }

    /** Steps that are not passed, once the proof is due: when the unit is built, or a step of it was done; else those that were missed. */
    private function unproved(CaseFile $case): int
    {
        $sheet = $this->proof->sheet($case);
        $begun = array_filter($sheet, static fn (ProofRow $row): bool => '' !== $row->outcome);
        $toBuild = array_filter($this->build->sheet($case), static fn (BuildRow $row): bool => !$row->done);
        if ($this->standings->isOut($case) || ([] === $begun && [] !== $toBuild)) {
            return $this->standings->missedOf($case);
        }

        return \count(array_filter($sheet, static fn (ProofRow $row): bool => ProofEntry::PASSED !== $row->outcome));
    }
}
