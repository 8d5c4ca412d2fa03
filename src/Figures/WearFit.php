<?php

declare(strict_types=1);

namespace App\Figures;

use App\Intake\Complaint;
use Japhrex\Core\Hydraulics\ComplaintFit;

/** A complaint beside what the wear explains of it. */
final readonly class WearFit
{
    public function __construct(public Complaint $complaint, public ?ComplaintFit $fit)
    {
    }
}
