<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\OurShop;
use Doctrine\DBAL\Connection;

use function Symfony\Component\Clock\now;

/** Gives each case a number, as the shop numbers its cases. */
final readonly class CaseNumbers
{
    public function __construct(private Connection $connection, private OurShop $shop)
    {
    }

    public function next(): string
    {
        $number = $this->connection->fetchOne("SELECT nextval('case_number')");

        return $this->shop->settings()->caseNumber(is_numeric($number) ? (int) $number : 0, (int) now()->format('Y'));
    }
}
