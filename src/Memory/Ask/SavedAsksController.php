<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Account\User;
use App\Memory\Repository\SavedAskRepository;
use App\Platform\ShopError;
use App\Platform\Words;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Memory\Ask\AskError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Questions that are kept under a name. */
final class SavedAsksController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly AskShelf $shelf,
        private readonly SavedAskRepository $saved,
    ) {
    }

    #[Route('/cases/saved', name: 'ask_save', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('act')]
    public function save(Request $request, #[CurrentUser] User $who): Response
    {
        $line = Words::of($request->request->getString('line'), SavedAsk::LONGEST_LINE);
        $name = Words::of($request->request->getString('name'), SavedAsk::LONGEST_NAME);
        try {
            $this->shelf->reader()->read($line);
        } catch (AskError $error) {
            throw new ShopError($error->getMessage(), 422, $error);
        }
        if ('' === $name || '' === $line) {
            throw new ShopError('A question is kept under a name: say in a few words what it asks.', 422);
        }
        $this->entityManager->persist(new SavedAsk($name, $line, 'shop' === $request->request->getString('for') ? null : $who));
        $this->entityManager->flush();
        $this->addFlash('kept', \sprintf('Kept as “%s”.', $name));

        return $this->redirectToRoute('cases', ['q' => $line], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/saved/{id}/drop', name: 'ask_drop', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('act')]
    public function drop(string $id, #[CurrentUser] User $who): Response
    {
        $saved = $this->saved->one($id);
        if (null !== $saved && (null === $saved->owner || $saved->owner === $who)) {
            $this->entityManager->remove($saved);
            $this->entityManager->flush();
        }

        return $this->redirectToRoute('cases', null === $saved ? [] : ['q' => $saved->line], Response::HTTP_SEE_OTHER);
    }
}
