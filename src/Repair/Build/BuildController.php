<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Evidence\NotAPicture;
use App\Intake\CaseGate;
use App\Platform\Words;
use App\Repair\Build\Form\StepInput;
use Japhrex\Core\Repair\Build\BuildError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The build, step by step; what is out of its target stops it. It goes on after the case is signed. */
final class BuildController extends AbstractController
{
    public function __construct(private readonly CaseGate $gate, private readonly BuildPage $page)
    {
    }

    #[Route('/cases/{number}/build', name: 'build', methods: ['GET'])]
    public function show(string $number): Response
    {
        return $this->page->show($this->gate->find($number));
    }

    #[Route('/cases/{number}/build/{key}', name: 'build_step', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function step(
        string $number,
        string $key,
        Request $request,
        #[MapRequestPayload] StepInput $said,
        DoStep $do,
        CurrentPerson $person,
    ): Response {
        $case = $this->gate->find($number);
        $file = $request->files->get('photo');
        try {
            $do($case, $key, $said, $file instanceof UploadedFile ? $file : null, $person->get());
        } catch (BuildError|NotAPicture $e) {
            $this->addFlash('refused', $e->getMessage());

            return $this->page->show($case, ['withWhom' => $said->withWhom] + $said->answer());
        }

        return $this->redirectToRoute('build', ['number' => $case->number, '_fragment' => 'in-hand'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/apart', name: 'build_again', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function again(string $number, Request $request, TakeApartAgain $apart, CurrentPerson $person): Response
    {
        $case = $this->gate->find($number);
        $key = $request->request->getString('key');
        try {
            $apart($case, $key, Words::of($request->request->getString('apart'), 500), $person->get());
        } catch (BuildError $e) {
            $this->addFlash('refused', $e->getMessage());

            return $this->page->show($case, ['apart' => $key]);
        }

        return $this->redirectToRoute('build', ['number' => $case->number, '_fragment' => 'in-hand'], Response::HTTP_SEE_OTHER);
    }
}
