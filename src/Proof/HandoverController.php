<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseGate;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\ProofError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The return to service: what to check, when to stop, and the day on which somebody asks how it runs. */
final class HandoverController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly ProofDesk $desk,
        private readonly CurrentPerson $person,
        private readonly ProofPage $page,
    ) {
    }

    #[Route('/cases/{number}/handover', name: 'handover_save', methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function handover(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $handover = $this->desk->handover($case) ?? $this->desk->draft($case);
        $typed = (string) $request->request->get('watch', '');
        $watch = \DateTimeImmutable::createFromFormat('!Y-m-d', $typed);
        $despite = self::text($request, 'despite', 1000);
        $handover->tell(self::text($request, 'check', 4000), self::text($request, 'stop', 4000), false === $watch ? null : $watch);
        try {
            if ('' !== $typed && false === $watch) {
                throw ProofError::watchDay();
            }
            $this->desk->goOut($handover, $despite, $this->person->get());
        } catch (\DomainException $e) {
            if ($this->entityManager->contains($handover)) {
                $this->entityManager->detach($handover);
            }

            return $this->page->show($case, ['key' => 'handover', 'refused' => $e->getMessage(), 'despite' => $despite], $handover);
        }

        return $this->redirectToRoute('proof', ['number' => $case->number, '_fragment' => 'handover'], Response::HTTP_SEE_OTHER);
    }

    private static function text(Request $request, string $name, int $most): string
    {
        return mb_substr(trim((string) $request->request->get($name, '')), 0, $most);
    }
}
