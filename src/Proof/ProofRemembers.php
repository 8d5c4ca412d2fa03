<?php

declare(strict_types=1);

namespace App\Proof;

use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use App\Intake\Remember\Remembers;
use App\Proof\Aftercare\Repository\UserAnswerRepository;
use App\Proof\Repository\HandoverRepository;
use Japhrex\Core\Proof\UserSays;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\ServiceTime;

/** What it waits for, when it went out, and how its user says that it runs. */
final readonly class ProofRemembers implements Remembers
{
    public function __construct(
        private Standings $standings,
        private HandoverRepository $handovers,
        private UserAnswerRepository $answers,
    ) {
    }

    public function remember(CaseFile $case, Remembered $memory): void
    {
        $memory->waits = [] === $this->standings->ended([$case]) ? $case->stage->value : Remembered::OUT;
        $memory->stands = implode('', $this->standings->wordsFor([$case]));
        $handover = $this->handovers->handoverOf($case);
        $memory->outAt = $handover?->goneAt;
        $memory->tookHours = ServiceTime::hours($handover->took ?? '');
        $memory->charged = null === $handover || '' === $handover->charged ? null : Money::parse($handover->charged)->minor;
        foreach ($this->answers->ofCase($case) as $answer) {
            $memory->cure = $answer->says->value;
            if (UserSays::Failed !== $answer->says) {
                $memory->ranUntil = $answer->madeAt;
                $memory->toldHours = ServiceTime::hours($answer->ran) ?? $memory->toldHours;
                $memory->toldKm = ServiceTime::km($answer->ran) ?? $memory->toldKm;
            }
            $memory->text('afterwards', $answer->words);
        }
    }
}
