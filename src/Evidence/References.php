<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Repository\ReferenceRepository;
use Doctrine\ORM\EntityManagerInterface;
use Twig\Attribute\AsTwigFunction;

/** The shop's reference collection. */
final readonly class References
{
    public function __construct(private EntityManagerInterface $em, private ReferenceRepository $references)
    {
    }

    /** @return list<Reference> of a part of a family, the good ones first */
    #[AsTwigFunction('references')]
    public function of(string $family, string $part): array
    {
        /** @var list<Reference> $found */
        $found = $this->em->createQuery(
            'SELECT r, p, c FROM '.Reference::class
                .' r JOIN r.photo p JOIN p.case c WHERE c.family = :family AND p.part = :part ORDER BY r.grade, r.id'
        )
            ->setParameters(['family' => $family, 'part' => $part])->getResult();

        return $found;
    }

    /** @return array<string, array<string, non-empty-list<Reference>>> by family and part, the good ones first */
    public function all(): array
    {
        /** @var list<Reference> $found */
        $found = $this->em->createQuery(
            'SELECT r, p, c FROM '.Reference::class.' r JOIN r.photo p JOIN p.case c ORDER BY c.family, p.part, r.grade, r.id'
        )->getResult();
        $sorted = [];
        foreach ($found as $one) {
            $sorted[$one->photo->case->family][(string) $one->photo->part][] = $one;
        }

        return $sorted;
    }

    #[AsTwigFunction('reference_of')]
    public function ofPhoto(Photo $photo): ?Reference
    {
        return $this->references->ofPhoto($photo);
    }
}
