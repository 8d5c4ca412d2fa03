<?php

declare(strict_types=1);

namespace App\Repair;

use Symfony\Component\Uid\Uuid;

/** Asks the worker for the PDF of an offer. */
final readonly class MakeOffer
{
    public function __construct(public Uuid $offer)
    {
    }
}
