<?php

declare(strict_types=1);

namespace App\Account\Log;

use App\Account\Permission;
use App\Account\Repository\SecurityEventRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What was written down of who came in and what was taken out. */
final class SecurityController extends AbstractController
{
    private const MOST = 100;

    #[Route('/security', name: 'security', methods: ['GET'])]
    #[IsGranted(Permission::LET_IN)]
    public function log(Request $request, SecurityEventRepository $events): Response
    {
        $asked = $request->query;
        $only = SecurityEvent::tryFrom($asked->getString('kind'));
        $who = trim($asked->getString('who'));

        return $this->render('account/security.html.twig', [
            'lines' => $events->page($only, $who, max(1, $asked->getInt('before', \PHP_INT_MAX)), self::MOST),
            'only' => $only,
            'who' => $who,
            'kinds' => SecurityEvent::cases(),
            'most' => self::MOST,
        ]);
    }
}
