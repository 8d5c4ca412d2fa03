<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Intake\CaseFile;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Verdict\Whereabouts;
use Twig\Attribute\AsTwigFunction;

/** Chains of custody of the parts of a case. */
final readonly class Custodies
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    /** @return array<string, list<Custody>> by part, the earliest first */
    #[AsTwigFunction('custody')]
    public function of(CaseFile $case): array
    {
        $of = [];
        foreach ($this->em->getRepository(Custody::class)->findBy(['case' => $case], ['part' => 'ASC', 'id' => 'ASC']) as $one) {
            $of[$one->part][] = $one;
        }

        return $of;
    }

    public function hasSent(CaseFile $case): bool
    {
        return null !== $this->em->getRepository(Custody::class)->findOneBy(['case' => $case, 'what' => Whereabouts::Sent]);
    }
}
