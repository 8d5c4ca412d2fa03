<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Repair\Form\OptionInput;
use App\Repair\Repository\RepairOptionRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Repair\OptionKind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The work that the decisions make, the kits, and the options side by side. It goes on after the case is signed. */
final class RepairController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly RepairDesk $desk,
        private readonly CurrentPerson $person,
        private readonly RepairOptionRepository $options,
        private readonly RepairPage $page,
    ) {
    }

    #[Route('/cases/{number}/repair', name: 'repair', methods: ['GET'])]
    public function show(string $number, #[MapQueryParameter] string $anew = ''): Response
    {
        return $this->page->show($this->gate->find($number), [], $anew);
    }

    /** Works an option out anew from what is known now. */
    #[Route('/cases/{number}/options/{kind}', name: 'option_draft', methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function draft(string $number, OptionKind $kind, DraftOption $draft): Response
    {
        $case = $this->gate->find($number);
        $draft($case, $kind, $this->person->get());

        return $this->to($case, $kind->value);
    }

    #[Route('/cases/{number}/options/{kind}/save', name: 'option_save', methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function save(string $number, OptionKind $kind, #[MapRequestPayload] OptionInput $typed, TypedLines $read): Response
    {
        $case = $this->gate->find($number);
        $option = $this->options->ofKind($case, $kind) ?? throw new ShopError('There is no such option.', 404);
        $rows = $typed->rows();
        $texts = ['life' => $typed->life, 'risk' => $typed->risk, 'outside' => $typed->outside];
        try {
            $option->write($read($rows));
            $option->say(...$texts);
            $option->estimate($this->desk->rates());
        } catch (\DomainException $e) {
            $this->entityManager->refresh($option);
            $this->addFlash('refused', $e->getMessage());

            return $this->page->show($case, ['kind' => $kind->value, 'lines' => array_values($rows)] + $texts);
        }
        $option->doneBy($this->person->get());
        $this->entityManager->flush();

        return $this->to($case, $kind->value);
    }

    #[Route('/cases/{number}/options/{kind}/remove', name: 'option_remove', methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, OptionKind $kind): Response
    {
        $case = $this->gate->find($number);
        $option = $this->options->ofKind($case, $kind);
        if (null !== $option) {
            $this->entityManager->remove($option);
            $this->entityManager->flush();
        }

        return $this->to($case, 'options');
    }

    private function to(CaseFile $case, string $at): Response
    {
        return $this->redirectToRoute('repair', ['number' => $case->number, '_fragment' => $at], Response::HTTP_SEE_OTHER);
    }
}
