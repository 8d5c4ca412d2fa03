<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Form\FindingType;
use App\Evidence\Form\PartRecordType;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\FormAnswer;
use App\Intake\Stage;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Repair\HangsOn;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

final class PartsController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly FormFactoryInterface $forms,
        private readonly CurrentPerson $person,
        private readonly RecordFinding $recordFinding,
        private readonly PartLimits $bound,
        private readonly Conditions $conditions,
        private readonly FindingRepository $findings,
        private readonly PartRecordRepository $records,
    ) {
    }

    #[Route('/cases/{number}/parts', name: 'parts', methods: ['GET'])]
    public function tray(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $book = $this->shelf->book($case->family);
        $words = trim((string) $request->query->get('find', ''));

        return $this->render('evidence/parts.html.twig', [
            'case' => $case,
            'book' => $book,
            'words' => $words,
            'found' => '' === $words ? null : array_map(static fn (Part $part): string => $part->key, $book->find($words)),
        ]);
    }

    #[Route('/cases/{number}/parts/{part}', name: 'part', methods: ['GET'])]
    public function part(string $number, string $part): Response
    {
        $case = $this->gate->find($number);

        return $this->page($case, $this->bookPart($case, $part));
    }

    #[Route('/cases/{number}/parts/{part}', name: 'part_save', methods: ['POST'])]
    public function save(string $number, string $part, Request $request, FormAnswer $answer): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $part = $this->bookPart($case, $part);
        $record = $this->record($case, $part);
        $said = $record->despite;
        $form = $this->recordForm($record, $part);
        $form->handleRequest($request);
        $this->bindToLimits($form, $record, $part, $said);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($case, $part, record: $form);
        }
        $this->em->persist($record);
        $case->moveTo(Stage::Parts);
        $this->em->flush();

        return $answer->saved($request, $case, $this->recordForm($record, $part), 'part', ['part' => $part->key]);
    }

    #[Route('/cases/{number}/parts/{part}/findings', name: 'finding_add', methods: ['POST'])]
    public function addFinding(string $number, string $part, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $part = $this->bookPart($case, $part);

        return $this->saveFinding($case, $part, new Finding($case, $part->key), $request, 'finding');
    }

    #[Route('/cases/{number}/findings/{id}', name: 'finding_save', methods: ['POST'])]
    public function changeFinding(string $number, Finding $finding, Request $request): Response
    {
        $case = $this->mine($number, $finding);

        return $this->saveFinding($case, $this->bookPart($case, $finding->part), $finding, $request, self::formName($finding));
    }

    #[Route('/cases/{number}/findings/{id}/remove', name: 'finding_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeFinding(string $number, Finding $finding): Response
    {
        $case = $this->mine($number, $finding);
        $this->em->remove($finding);
        $this->em->flush();

        return $this->redirectToRoute('part', ['number' => $case->number, 'part' => $finding->part], Response::HTTP_SEE_OTHER);
    }

    /** One tap: looked at, nothing found. */
    #[Route('/cases/{number}/parts/{part}/clean', name: 'part_clean', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function clean(string $number, string $part, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $part = $this->bookPart($case, $part);
        $surface = (string) $request->request->get('surface', '');
        $finding = new Finding($case, $part->key);
        $finding->kind = FindingKind::Clean;
        $finding->surface = isset($part->surfaces[$surface]) ? $surface : null;
        ($this->recordFinding)($finding, $this->person->get()->name);

        return $this->redirectToRoute('part', ['number' => $case->number, 'part' => $part->key], Response::HTTP_SEE_OTHER);
    }

    private function saveFinding(CaseFile $case, Part $part, Finding $finding, Request $request, string $name): Response
    {
        $form = $this->findingForm($name, $finding, $part);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($case, $part, findings: [$name => $form]);
        }
        ($this->recordFinding)($finding, $this->person->get()->name);

        return $this->redirectToRoute('part', ['number' => $case->number, 'part' => $part->key], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param FormInterface<mixed>|null $record
     * @param array<string, FormInterface<mixed>> $findings
     */
    private function page(CaseFile $case, Part $part, ?FormInterface $record = null, array $findings = []): Response
    {
        $record ??= $this->recordForm($this->record($case, $part), $part);
        $edit = [];
        foreach ($this->findings->ofPart($case, $part->key) as $finding) {
            $name = self::formName($finding);
            $edit[(string) $finding->id] = ($findings[$name] ?? $this->findingForm($name, $finding, $part))->createView();
        }

        return $this->render('evidence/part.html.twig', [
            'case' => $case,
            'book' => $this->shelf->book($case->family),
            'modes' => $this->shelf->modes(),
            'part' => $part,
            'form' => $record->createView(),
            'edit' => $edit,
            'add' => ($findings['finding'] ?? $this->findingForm('finding', new Finding($case, $part->key), $part))->createView(),
            'stages' => PhotoStage::cases(),
        ], new Response(status: $record->isSubmitted() || [] !== $findings ? 422 : 200));
    }

    /**
     * A decision that a limit speaks against is refused until an analyst says why.
     *
     * @param FormInterface<mixed> $form
     * @param string $said the reason that was given before
     */
    private function bindToLimits(FormInterface $form, PartRecord $record, Part $part, string $said): void
    {
        if (!$form->has('disposition')) {
            return;
        }
        $bound = $this->bound->of($record->case)[$part->key];
        if ($said !== $record->despite || '' === $record->despite) {
            $record->reasoned($record->despite, $bound, $this->person->get()->name);
        }
        $why = $record->against($bound);
        if (null !== $why) {
            $at = $form->has('despite') ? 'despite' : 'disposition';
            $form->get($at)->addError(
                new FormError(
                    \sprintf(
                        '%s is refused: %s %s',
                        $record->disposition?->label(),
                        $why,
                        'despite' === $at ? 'Say why it may go back in all the same, or decide otherwise.' : 'Decide otherwise.',
                    )
                )
            );
        }
    }

    private function record(CaseFile $case, Part $part): PartRecord
    {
        return $this->records->ofPart($case, $part->key);
    }

    /** @return FormInterface<mixed> */
    private function recordForm(PartRecord $record, Part $part): FormInterface
    {
        return $this->forms->createNamed(
            'part',
            PartRecordType::class,
            $record,
            [
                'part' => $part,
                'decides' => $this->isGranted(Permission::ANALYSE),
                'bound' => $this->isGranted(Permission::ANALYSE) ? $this->bound->of($record->case)[$part->key] : null,
                'conditions' => array_values(
                    array_unique(array_filter([...HangsOn::choices($this->conditions->steps($record->case)), $record->hangsOn]))
                ),
                'duties' => $this->shelf->book($record->case->family)->duties,
            ],
        );
    }

    /** @return FormInterface<mixed> */
    private function findingForm(string $name, Finding $finding, Part $part): FormInterface
    {
        return $this->forms->createNamed($name, FindingType::class, $finding, ['part' => $part, 'modes' => $this->shelf->modes()]);
    }

    private static function formName(Finding $finding): string
    {
        return 'finding_'.substr(md5((string) $finding->id), 0, 8);
    }

    private function mine(string $number, Finding $finding): CaseFile
    {
        $case = $this->gate->open($number, Permission::BENCH);

        return $finding->case === $case ? $case : throw $this->createNotFoundException();
    }

    private function bookPart(CaseFile $case, string $part): Part
    {
        return $this->shelf->book($case->family)->part($part) ?? throw new ShopError(
            \sprintf('The book of this family has no part “%s”.', $part),
            404,
        );
    }
}
