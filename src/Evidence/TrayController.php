<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Form\SortInput;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Sorting the tray: several at once, as proposed or by hand, and back again. */
final class TrayController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly Tray $tray,
    ) {
    }

    #[Route('/cases/{number}/tray', name: 'tray', methods: ['GET'])]
    public function show(string $number, Request $request, Inbox $inbox, CasePages $pages): Response
    {
        $case = $this->gate->find($number);
        $undo = $request->getSession()->get('tray-'.$case->number);

        return $pages->show($case, 'evidence/tray.html.twig', [
            'lying' => $this->tray->lying($case),
            'undo' => \is_array($undo) ? \count($undo) : 0,
            'folder' => $inbox->folder($case->number),
        ]);
    }

    #[Route('/cases/{number}/tray', name: 'tray_sort', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function sort(string $number, Request $request, #[MapRequestPayload] SortInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $photos = $this->tray->photos($case, array_values(array_filter($typed->photos, is_string(...))));
        if ([] === $photos) {
            throw new ShopError('Choose one picture or more, then where they belong.', 422);
        }
        if ($request->request->has('clock')) {
            // Seen at the proposals: the camera's clock was wrong. They stay in the tray, and are proposed anew.
            foreach ($photos as $photo) {
                $photo->clockIsAhead($typed->ahead);
            }
            $this->entityManager->flush();

            return $this->redirectToRoute('tray', ['number' => $case->number], Response::HTTP_SEE_OTHER);
        }
        $stage = $typed->stage();
        $proposed = [];
        foreach ($this->tray->lying($case) as $one) {
            $proposed[(string) $one->photo->id] = $one->part?->key;
        }
        $asProposed = $request->request->has('as-proposed');
        $part = $this->shelf->book($case->family, $case->is())->part($typed->part)?->key;
        if (!$asProposed && null === $part && PhotoStage::Arrival !== $stage) {
            throw new ShopError('Which part do they show? Choose it, or say that they were taken on arrival.', 422);
        }
        $sorted = [];
        foreach ($photos as $photo) {
            $to = $asProposed ? $proposed[(string) $photo->id] ?? null : $part;
            if (PhotoStage::Unsorted === $photo->stage && (null !== $to || !$asProposed)) {
                $photo->sortTo($to, PhotoStage::Unsorted === $stage ? PhotoStage::AsFound : $stage);
                $sorted[] = (string) $photo->id;
            }
        }
        $this->entityManager->flush();
        $request->getSession()->set('tray-'.$case->number, $sorted);

        return $this->redirectToRoute('tray', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    /** Puts back what was sorted last. */
    #[Route('/cases/{number}/tray/undo', name: 'tray_undo', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function undo(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $ids = $request->getSession()->remove('tray-'.$case->number);
        foreach ($this->tray->photos($case, \is_array($ids) ? array_values(array_filter($ids, is_string(...))) : []) as $photo) {
            $photo->backToTray();
        }
        $this->entityManager->flush();

        return $this->redirectToRoute('tray', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }
}
