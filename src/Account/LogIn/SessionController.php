<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use App\Account\CurrentPerson;
use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\Permission;
use App\Platform\WayBack;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Ends where somebody is signed in: one's own, or for an analyst anybody's. */
final class SessionController extends AbstractController
{
    public function __construct(
        private readonly CurrentPerson $me,
        private readonly EntityManagerInterface $entityManager,
        private readonly SecurityLog $log,
    ) {
    }

    #[Route('/sessions/{id}/end', name: 'session_end', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function end(SignedIn $session, Request $request): Response
    {
        $me = $this->me->get();
        if (!$session->person->id->equals($me->id)) {
            $this->denyAccessUnlessGranted(Permission::LET_IN);
        }
        $session->endedAt ??= now();
        $this->entityManager->flush();
        $begun = $session->madeAt->format('j M Y H:i');
        $this->log->note(SecurityEvent::SessionEnded, $me, "of {$session->person->username}, begun $begun");

        return WayBack::of($request);
    }
}
