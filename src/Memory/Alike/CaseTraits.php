<?php

declare(strict_types=1);

namespace App\Memory\Alike;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Remember\Remembered;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Memory\Likeness\Traits;
use Japhrex\Core\Memory\Likeness\TraitsOf;

/** What a case is compared by with others, out of what is remembered of it; what two signed is no part of it. */
final readonly class CaseTraits
{
    public function __construct(private BookShelf $shelf)
    {
    }

    public function of(CaseFile $case, Remembered $memory): Traits
    {
        $of = new TraitsOf($this->shelf->book($case->family));
        foreach ($memory->complaints as $one) {
            $of->complaint($one->what, $one->conditions);
        }
        foreach ($memory->finds as $one) {
            $of->find($one->part, $one->surface, $one->mode, $one->grade, $one->made);
        }
        foreach ($memory->readings as $one) {
            if (LimitVerdict::Outside->value === $one->verdict) {
                $of->outside($one->part, $one->field);
            }
        }
        foreach ($memory->circumstances as $one) {
            $of->circumstance($one);
        }
        $of->ran($memory->hours, 'new');
        $of->ran($memory->sinceRepair, 'repair');

        return $of->traits();
    }
}
