<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Teardown\TakenPhotos;

final readonly class StripPhotos implements TakenPhotos
{
    public function __construct(private PhotoRepository $photos)
    {
    }

    public function anyOf(CaseFile $case, array $parts): bool
    {
        return null !== $this->photos->anyOf($case, $parts);
    }
}
