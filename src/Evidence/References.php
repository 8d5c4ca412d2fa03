<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Repository\ReferenceRepository;
use Twig\Attribute\AsTwigFunction;

/** What a photo is an example of, for the pages that show it. */
final readonly class References
{
    public function __construct(private ReferenceRepository $references)
    {
    }

    #[AsTwigFunction('reference_of')]
    public function ofPhoto(Photo $photo): ?Reference
    {
        return $this->references->ofPhoto($photo);
    }
}
