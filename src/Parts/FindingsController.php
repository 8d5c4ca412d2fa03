<?php

declare(strict_types=1);

namespace App\Parts;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Evidence\Finding;
use App\Evidence\Judgement;
use App\Evidence\RecordFinding;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Part;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What was found on a part. */
final class FindingsController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly CurrentPerson $person,
        private readonly RecordFinding $recordFinding,
        private readonly PartPage $page,
        private readonly PartForms $forms,
    ) {
    }

    #[Route('/cases/{number}/parts/{part}/findings', name: 'finding_add', methods: ['POST'])]
    public function addFinding(string $number, string $part, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $part = $this->page->part($case, $part);

        return $this->saveFinding($case, $part, new Finding($case, $part->key), $request, 'finding');
    }

    #[Route('/cases/{number}/findings/{id}', name: 'finding_save', methods: ['POST'])]
    public function changeFinding(string $number, Finding $finding, Request $request): Response
    {
        $case = $this->mustBelong($number, $finding);
        $was = $finding->judgement($finding->madeAt);

        return $this->saveFinding($case, $this->page->part($case, $finding->part), $finding, $request, PartForms::nameOf($finding), $was);
    }

    #[Route('/cases/{number}/findings/{id}/remove', name: 'finding_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeFinding(string $number, Finding $finding): Response
    {
        $case = $this->mustBelong($number, $finding);
        $this->entityManager->remove($finding);
        $this->entityManager->flush();

        return $this->redirectToRoute('part', ['number' => $case->number, 'part' => $finding->part], Response::HTTP_SEE_OTHER);
    }

    /** One tap: looked at, nothing found. */
    #[Route('/cases/{number}/parts/{part}/clean', name: 'part_clean', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function clean(string $number, string $part, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $part = $this->page->part($case, $part);
        $surface = (string) $request->request->get('surface', '');
        $finding = new Finding($case, $part->key);
        $finding->lookedClean(isset($part->surfaces[$surface]) ? $surface : null);
        ($this->recordFinding)($finding, $this->person->get());

        return $this->redirectToRoute('part', ['number' => $case->number, 'part' => $part->key], Response::HTTP_SEE_OTHER);
    }

    private function saveFinding(
        CaseFile $case,
        Part $part,
        Finding $finding,
        Request $request,
        string $name,
        ?Judgement $was = null,
    ): Response {
        $form = $this->forms->finding($name, $finding, $part);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, $part, findings: [$name => $form]);
        }
        $because = null === $was ? '' : (string) $form->get('because')->getData();
        ($this->recordFinding)($finding, $this->person->get(), was: $was, because: $because);

        return $this->redirectToRoute('part', ['number' => $case->number, 'part' => $part->key], Response::HTTP_SEE_OTHER);
    }

    private function mustBelong(string $number, Finding $finding): CaseFile
    {
        $case = $this->gate->open($number, Permission::BENCH);

        return $finding->case === $case ? $case : throw $this->createNotFoundException();
    }
}
