<?php

declare(strict_types=1);

namespace App\Memory\Warn;

use App\Account\Permission;
use App\Account\User;
use App\Memory\Repository\WarningRepository;
use App\Platform\ShopError;
use App\Platform\Words;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

/** What the shop was warned of, and what was done about it. */
final class WarningController extends AbstractController
{
    public function __construct(private readonly WarningRepository $warnings, private readonly WarningWords $words)
    {
    }

    #[Route('/warnings', name: 'warnings', methods: ['GET'])]
    public function show(): Response
    {
        return $this->render('memory/warnings.html.twig', ['warnings' => $this->words->all($this->warnings->all())]);
    }

    #[Route('/warnings/{id}', name: 'warning_settle', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function settle(string $id, Request $request, EntityManagerInterface $entityManager, #[CurrentUser] User $who): Response
    {
        $warning = (Uuid::isValid($id) ? $this->warnings->find($id) : null) ?? throw $this->createNotFoundException();
        $reason = Words::of($request->request->getString('reason'), 500);
        if ('' === $reason) {
            throw new ShopError('What is done about it, or why is nothing? A line that still makes sense in a year.', 422);
        }
        'take' === $request->request->getString('as') ? $warning->take($who, $reason) : $warning->putAway($who, $reason);
        $entityManager->flush();

        return $this->redirectToRoute('warnings', status: Response::HTTP_SEE_OTHER);
    }
}
