<?php

declare(strict_types=1);

namespace App\Report\Work;

use App\Account\User;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use App\Report\Repository\WorkReportRepository;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\MessageBusInterface;

/** The one way in for a signed work report; its PDF is made by the worker. */
final readonly class SignWork
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private WorkText $text,
        private WorkReportRepository $reports,
        private MessageBusInterface $bus,
    ) {
    }

    /** @throws ShopError if there is no work, or nothing since the last one */
    public function __invoke(CaseFile $case, User $who): void
    {
        $last = $this->reports->newestFirst($case)[0] ?? null;
        $body = $this->text->write($case);
        match (true) {
            !$this->text->hasWork($case) => throw new ShopError(
                'There is no work yet that could be signed for: no step of the build, none of the proof.',
                409,
            ),
            $last?->digest === WorkReport::digestOf($body) => throw new ShopError(
                \sprintf('Nothing was done since work report %d, which says all of this.', $last->ordinal),
                409,
            ),
            default => null,
        };
        $this->entityManager->persist($report = new WorkReport($case, ($last->ordinal ?? 0) + 1, $who, $body));
        $this->entityManager->flush();
        $this->bus->dispatch(new MakeWorkReport($report->id));
    }
}
