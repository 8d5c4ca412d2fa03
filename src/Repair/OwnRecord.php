<?php

declare(strict_types=1);

namespace App\Repair;

use Japhrex\Core\Repair\RepairRun;

/** The shop's own record of repairs that went out. */
interface OwnRecord
{
    /** @return list<RepairRun> of a family: days from going out until it came back, or until today where it runs */
    public function runs(string $family): array;
}
