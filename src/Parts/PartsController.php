<?php

declare(strict_types=1);

namespace App\Parts;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\PartRecord;
use App\Intake\CaseGate;
use App\Intake\FormAnswer;
use App\Intake\Frame\CasePages;
use Japhrex\Core\Family\Part;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

final class PartsController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly CurrentPerson $person,
        private readonly JudgePart $judge,
        private readonly PartPage $page,
    ) {
    }

    #[Route('/cases/{number}/parts', name: 'parts', methods: ['GET'])]
    public function tray(string $number, Request $request, PartsView $view, CasePages $pages): Response
    {
        $case = $this->gate->find($number);
        $words = trim((string) $request->query->get('find', ''));

        return $pages->show($case, 'parts/parts.html.twig', $view->gather($case) + [
            'words' => $words,
            'found' => '' === $words
                ? null
                : array_map(static fn (Part $part): string => $part->key, $this->shelf->book($case->family, $case->is())->find($words)),
        ]);
    }

    #[Route('/cases/{number}/parts/{part}', name: 'part', methods: ['GET'])]
    public function part(string $number, string $part, Request $request): Response
    {
        $case = $this->gate->find($number);

        return $this->page->show($case, $this->page->part($case, $part), change: $request->query->getString('change'));
    }

    #[Route('/cases/{number}/parts/{part}/findings', name: 'part_findings', methods: ['GET'])]
    public function findings(string $number, string $part, #[MapQueryParameter] int $from = 0): Response
    {
        $case = $this->gate->find($number);

        return $this->page->more($case, $this->page->part($case, $part), max(0, $from));
    }

    #[Route('/cases/{number}/parts/{part}', name: 'part_save', methods: ['POST'])]
    public function save(string $number, string $part, Request $request, FormAnswer $answer, PartForms $forms): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $part = $this->page->part($case, $part);
        $record = $this->page->record($case, $part);
        [$said, $senses] = [$record->despite, $record->senses()];
        $form = $forms->record($record, $part);
        $form->handleRequest($request);
        $this->bindToLimits($form, $record, $said);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, $part, record: $form);
        }
        $this->judge->sensed($record, $senses, $this->person->get());
        $this->judge->keep($record);

        return $answer->saved($request, $case, $forms->record($record, $part), 'part', ['part' => $part->key]);
    }

    /**
     * A decision that a limit speaks against is refused until an analyst says why.
     *
     * @param FormInterface<mixed> $form
     * @param string $said the reason that was given before
     */
    private function bindToLimits(FormInterface $form, PartRecord $record, string $said): void
    {
        if (!$form->has('disposition')) {
            return;
        }
        $why = $this->judge->refused($record, $said, $this->person->get());
        if (null !== $why) {
            $at = $form->has('despite') ? 'despite' : 'disposition';
            $then = 'despite' === $at ? 'Say why it may go back in all the same, or decide otherwise.' : 'Decide otherwise.';
            $form->get($at)->addError(new FormError($why.' '.$then));
        }
    }
}
