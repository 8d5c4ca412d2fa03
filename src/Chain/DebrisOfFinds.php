<?php

declare(strict_types=1);

namespace App\Chain;

use App\Books\BookShelf;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;
use Japhrex\Core\Chain\Ground\Reach;
use Japhrex\Core\Chain\Ground\Reached;

/** Where the debris of what was found went, without asking what brought it about. */
final readonly class DebrisOfFinds
{
    public function __construct(private FindingRepository $findings, private BookShelf $shelf)
    {
    }

    /** @return list<Reached> in the order in which the oil passes */
    public function of(CaseFile $case): array
    {
        $found = [];
        foreach ($this->findings->damageOf($case) as $one) {
            if (null !== $one->part && null !== $one->mode && $one->grade > 0) {
                $found[$one->part][] = $one->mode;
            }
        }

        return Reach::ofFound($this->shelf->book($case->family, $case->is()), $found);
    }
}
