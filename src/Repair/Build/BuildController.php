<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Evidence\Arrivals;
use App\Evidence\Photo;
use App\Evidence\PhotoStage;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Repair\Build\Form\StepInput;
use App\Repair\RepairDesk;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Repair\Build\BuildAnswer;
use Japhrex\Core\Repair\Build\BuildKind;
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
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly BuildDesk $desk,
        private readonly RepairDesk $repair,
        private readonly PhotoRepository $photos,
        private readonly BuildPage $page,
    ) {
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
        Arrivals $arrivals,
        CurrentPerson $person,
    ): Response {
        $case = $this->gate->find($number);
        $step = BuildDesk::next($this->desk->sheet($case));
        if (null === $step || $step->key !== $key) {
            throw new ShopError(
                null === $step
                    ? 'The build is done.'
                    : \sprintf('First: %s. What is stopped, or not done, stops all after it.', $step->title),
                409,
            );
        }
        $this->repair->mustBeDecided($case, $step->parts);
        [$typed, $with] = [$said->answer(), $said->withWhom];
        $who = $person->get();
        $file = $request->files->get('photo');
        $part = $step->parts[0] ?? null;
        try {
            $step->signedBy($who->name, $with);
            $photo = $file instanceof UploadedFile ? $arrivals->upload($file, $case, $part, PhotoStage::Fitted) : null;
            $photo = $photo instanceof Photo ? $photo : $this->photos->fittedParts($case, $step->parts, 1)[0] ?? null;
            $answer = BuildAnswer::of(
                $step,
                $typed,
                null !== $photo,
                static fn (float $metres): string => rtrim(rtrim(number_format($metres * 1000, 3), '0'), '.').' mm',
            );
        } catch (\DomainException $e) {
            $this->addFlash('refused', $e->getMessage());

            return $this->page->show($case, ['withWhom' => $with] + $typed);
        }
        $record = new BuildRecord($case, $key, $who);
        $record->say($answer, array_filter($typed), $with, BuildKind::Fit === $step->kind ? $photo : null);
        $this->entityManager->persist($record);
        $this->entityManager->flush();

        return $this->redirectToRoute('build', ['number' => $case->number, '_fragment' => 'in-hand'], Response::HTTP_SEE_OTHER);
    }
}
