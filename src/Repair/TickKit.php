<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Actor;
use App\Intake\CaseFile;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Repair\KitCheck;
use Japhrex\Core\Repair\KitError;

/** The one way in for what became of a part that was bought. */
final readonly class TickKit
{
    public function __construct(private EntityManagerInterface $entityManager, private RepairDesk $desk)
    {
    }

    /** @throws KitError if it was not to be bought, or the reason is missing */
    public function __invoke(CaseFile $case, string $part, string $state, string $why, Actor $who): void
    {
        KitCheck::allow($part, $state, $why, $this->desk->plan($case)->bought());
        $this->entityManager->persist(new KitTick($case, $part, $state, $why, $who));
        $this->entityManager->flush();
    }
}
