<?php

declare(strict_types=1);

namespace App\Library;

use App\Intake\CaseFile;
use Doctrine\ORM\EntityManagerInterface;
use Twig\Attribute\AsTwigFunction;

/** What the shop does where schools differ, and what was done in a case. */
final readonly class SchoolPicks
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    /** @return array<string, SchoolPick> by choice */
    #[AsTwigFunction('school_picks')]
    public function of(string $family, ?CaseFile $case = null): array
    {
        $picks = [];
        foreach ($this->em->getRepository(SchoolPick::class)->findBy(['family' => $family, 'case' => $case]) as $pick) {
            $picks[$pick->choice] = $pick;
        }

        return $picks;
    }
}
