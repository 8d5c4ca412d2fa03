<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Permission;
use App\Intake\Form\EarlierWorkType;
use App\Intake\Form\RunningTimeType;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What else is told at intake: what earlier repairs did and left out, how long it has run. */
final class BesidesController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly FormFactoryInterface $forms,
        private readonly IntakePage $page,
    ) {
    }

    #[Route('/cases/{number}/intake/earlier-work', name: 'intake_work_add', methods: ['POST'])]
    public function work(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);

        return $this->add($case, $request, 'work', EarlierWorkType::class, new EarlierWork($case), 'work-before');
    }

    #[Route('/cases/{number}/intake/earlier-work/{id}/remove', name: 'intake_work_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeWork(string $number, EarlierWork $work): Response
    {
        return $this->remove($this->gate->open($number, Permission::TAKE_IN), $work, 'work-before');
    }

    #[Route('/cases/{number}/intake/running', name: 'intake_running_add', methods: ['POST'])]
    public function running(string $number, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::TAKE_IN);

        return $this->add($case, $request, 'running', RunningTimeType::class, new RunningTime($case), 'running');
    }

    #[Route('/cases/{number}/intake/running/{id}/remove', name: 'intake_running_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeRunning(string $number, RunningTime $time): Response
    {
        return $this->remove($this->gate->open($number, Permission::TAKE_IN), $time, 'running');
    }

    /**
     * @param class-string<AbstractType> $type
     * @param string $at where on the page it stands
     */
    private function add(CaseFile $case, Request $request, string $name, string $type, object $one, string $at): Response
    {
        $form = $this->forms->createNamed($name, $type, $one);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page->show($case, [$name => $form]);
        }
        $this->entityManager->persist($one);
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => $at], Response::HTTP_SEE_OTHER);
    }

    private function remove(CaseFile $case, EarlierWork|RunningTime $one, string $at): Response
    {
        if ($one->case !== $case) {
            throw $this->createNotFoundException();
        }
        $this->entityManager->remove($one);
        $this->entityManager->flush();

        return $this->redirectToRoute('intake', ['number' => $case->number, '_fragment' => $at], Response::HTTP_SEE_OTHER);
    }
}
