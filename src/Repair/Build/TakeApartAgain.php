<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Account\Actor;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Repair\Build\BuildAnswer;
use Japhrex\Core\Repair\Build\BuildError;

/** A unit is taken apart again down to a step: that step and all after it are to be done anew; what was signed of them stays. */
final readonly class TakeApartAgain
{
    public function __construct(private EntityManagerInterface $entityManager, private BuildDesk $desk)
    {
    }

    /**
     * @throws BuildError without a reason
     * @throws ShopError if the step is not done
     */
    public function __invoke(CaseFile $case, string $key, string $why, Actor $who): void
    {
        if ('' === trim($why)) {
            throw BuildError::whyApart();
        }
        $isReached = false;
        foreach ($this->desk->sheet($case) as $row) {
            $isReached = $isReached || $row->step->key === $key;
            if ($isReached && $row->done) {
                $record = new BuildRecord($case, $row->step->key, $who);
                $record->say(BuildAnswer::stopped(['Taken apart again: '.$why]), [], '', null);
                $this->entityManager->persist($record);
            }
        }
        $isReached || throw new ShopError('There is no such step in this build.', 404);
        $this->entityManager->flush();
    }
}
