<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Account\Actor;
use App\Intake\Stage;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Teardown\OpeningError;
use Japhrex\Core\Teardown\StepState;
use Japhrex\Core\Teardown\StepStatus;

/** The one way in for a step of the strip run. */
final readonly class RecordStep
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private NeededBefore $needed,
        private OpenUnit $open,
    ) {
    }

    /** @throws ShopError if it waits for another step, or cannot be left shut */
    public static function mustBeAllowed(StepStatus $status, StepState $state): void
    {
        if (!$status->isReady()) {
            throw new ShopError(
                \sprintf(
                    '“%s” waits for %s.',
                    $status->step->title,
                    implode(', ', array_map(static fn ($s): string => '“'.$s->title.'”', $status->waitsFor)),
                ),
                409,
            );
        }
        if (StepState::Shut === $state && '' === $status->step->opens) {
            throw new ShopError(
                'Only a sub-assembly that is off the unit can be left shut; this step can be skipped, with the reason.',
                422,
            );
        }
    }

    /**
     * @param bool $leaveOut is what is asked for left out knowingly?
     *
     * @return list<string> what is asked for and not there; then nothing is kept
     *
     * @throws OpeningError if it is the first to take parts out, and nothing was said of isolating and draining
     */
    public function __invoke(StepRecord $record, StepStatus $status, bool $leaveOut, Actor $who): array
    {
        self::mustBeAllowed($status, $record->state);
        $case = $record->case;
        if (StepState::Done === $record->state) {
            $this->open->mustBeSaid($case, $status->step);
        }
        $asked = StepState::Done === $record->state ? $this->needed->of($record, $status->step) : [];
        if ([] !== $asked && !$leaveOut) {
            return $asked;
        }
        $record->keep($asked, $who);
        $case->moveTo(Stage::Strip);
        $this->entityManager->persist($record);
        $this->entityManager->flush();

        return [];
    }
}
