<?php

declare(strict_types=1);

namespace App\Figures;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Figures\Form\KeepInput;
use App\Figures\Repository\KeptFigureRepository;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Figure\FigureError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Figures of a case: opened with its readings, kept as evidence, and the complaint check. */
final class CaseFiguresController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly CaseFigures $figures,
        private readonly FigureDesk $desk,
        private readonly BookShelf $shelf,
    ) {
    }

    /** Opens a figure filled from the case; what was filled stands in the address, so that it can be sent. */
    #[Route('/cases/{number}/figures/{name}', name: 'case_figure', requirements: ['name' => '[a-z0-9-]+'], methods: ['GET'])]
    public function open(string $number, string $name, Request $request): Response
    {
        $case = $this->gate->find($number);
        $part = (string) $request->query->get('part', '');

        return $this->redirectToRoute(
            'figure',
            ['name' => $name, 'case' => $case->number, 'part' => $part] + $this->figures->filled($case, $part, $name)->typed,
        );
    }

    #[Route('/cases/{number}/figures/{name}', name: 'case_figure_keep', requirements: ['name' => '[a-z0-9-]+'], methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function keep(string $number, string $name, #[MapRequestPayload] KeepInput $sent, CurrentPerson $person): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $card = $this->desk->card($name) ?? throw new ShopError('There is no such figure.', 404);
        $part = $sent->part;
        if ('' !== $part && null === $this->shelf->book($case->family, $case->is())->part($part)) {
            throw new ShopError('The book has no such part.', 404);
        }
        $asked = $this->desk->ask($card, $sent->typed);
        if (null === $asked->outcome) {
            throw new ShopError(
                'Only a figure with an answer can be kept: '.(
                    $asked->errors ? implode(' ', $asked->errors) : 'still needed: '.implode(', ', $asked->missing).'.'
                ),
                422,
            );
        }
        try {
            $this->figures->keep($case, $part, $asked, $sent->remark, $person->get(), $sent->claim);
        } catch (FigureError $error) {
            throw new ShopError($error->getMessage(), 422, $error);
        }

        return '' === $part
            ? $this->redirectToRoute('wear', ['number' => $case->number, '_fragment' => 'kept'], Response::HTTP_SEE_OTHER)
            : $this->redirectToRoute('part', ['number' => $case->number, 'part' => $part, '_fragment' => 'kept'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/kept-figures/{id}/remove', name: 'kept_figure_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, KeptFigure $kept, EntityManagerInterface $entityManager): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        if ($kept->case !== $case) {
            throw new ShopError('That figure belongs to another case.', 404);
        }
        $entityManager->remove($kept);
        $entityManager->flush();

        return '' === $kept->part
            ? $this->redirectToRoute('wear', ['number' => $case->number], Response::HTTP_SEE_OTHER)
            : $this->redirectToRoute('part', ['number' => $case->number, 'part' => $kept->part], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/wear', name: 'wear', methods: ['GET'])]
    public function wear(string $number, WearCheck $check, Drawings $drawings, KeptFigureRepository $kept, CasePages $pages): Response
    {
        $case = $this->gate->find($number);
        $checked = $check->check($case) ?? throw new ShopError(
            'The book of this family has no leak paths, so that wear cannot be set against the complaint here.',
            404,
        );

        return $pages->show($case, 'figures/wear.html.twig', [
            'checked' => $checked,
            'plots' => $drawings->plot($checked->asked),
            'kept' => $kept->ofPart($case, ''),
        ]);
    }
}
