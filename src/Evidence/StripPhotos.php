<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\CaseFile;
use App\Teardown\TakenPhotos;
use Doctrine\ORM\EntityManagerInterface;

final readonly class StripPhotos implements TakenPhotos
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    public function anyOf(CaseFile $case, array $parts): bool
    {
        return null !== $this->em->getRepository(Photo::class)->findOneBy(['case' => $case, 'part' => $parts]);
    }
}
