<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Intake\Repository\CaseFileRepository;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

#[AsMessageHandler]
final readonly class NoteLeadHandler
{
    public function __construct(private CaseFileRepository $cases, private CaseAnalysis $analysis, private Leads $leads)
    {
    }

    public function __invoke(NoteLead $message): void
    {
        $case = $this->cases->find($message->case);
        if (null !== $case && !$case->isSigned()) {
            $this->leads->note($case, $this->analysis->analysisOf($case));
        }
    }
}
