<?php

declare(strict_types=1);

namespace App\Intake;

use Doctrine\DBAL\Connection;

/** Gives each case a number: OQ, year, running number. */
final readonly class CaseNumbers
{
    public function __construct(private Connection $connection)
    {
    }

    public function next(): string
    {
        $number = $this->connection->fetchOne("SELECT nextval('case_number')");

        return \sprintf('OQ-%s-%04d', date('y'), is_numeric($number) ? (int) $number : 0);
    }
}
