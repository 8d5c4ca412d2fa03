<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Chain\Refusal;
use App\Intake\CaseFile;
use Doctrine\ORM\EntityManagerInterface;

/** What was refused in a case. */
final readonly class Refusals
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    /** @return list<Refusal> */
    public function of(CaseFile $case): array
    {
        return $this->em->getRepository(Refusal::class)->findBy(['case' => $case], ['id' => 'ASC']);
    }

    /** @return array<string, string> links that were refused => why */
    public function links(CaseFile $case): array
    {
        return $this->reasons($case, true);
    }

    /** @return array<string, string> origins that were refused => why */
    public function origins(CaseFile $case): array
    {
        return $this->reasons($case, false);
    }

    /** @return array<string, string> */
    private function reasons(CaseFile $case, bool $links): array
    {
        $reasons = [];
        foreach ($this->of($case) as $one) {
            if ($one->isOfALink() === $links) {
                $reasons[$one->subject] = $one->reason;
            }
        }

        return $reasons;
    }
}
