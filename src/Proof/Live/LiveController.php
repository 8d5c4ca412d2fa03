<?php

declare(strict_types=1);

namespace App\Proof\Live;

use App\Account\CurrentPerson;
use App\Account\Device;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Proof\Repository\TestStandRepository;
use Japhrex\Core\Proof\RecordingError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Rows of a stand as it runs: in over the port of the gauge gateway, out as a chart that moves. How to speak to it: docs/stands.md. */
final class LiveController extends AbstractController
{
    /** Largest lot, bytes: a few minutes of rows, for a stand that was cut off for a while. */
    private const LARGEST = 1_000_000;

    public function __construct(
        private readonly LiveStand $live,
        private readonly CaseGate $gate,
        private readonly CurrentPerson $person,
        private readonly TestStandRepository $stands,
    ) {
    }

    #[Route('/gateway/rows', name: 'gateway_rows', methods: ['POST'])]
    public function rows(Request $request, #[CurrentUser] Device $device): Response
    {
        $stand = $device->thing;
        \assert($stand instanceof TestStand);
        if (\strlen($request->getContent()) > self::LARGEST) {
            return new JsonResponse(['error' => 'These are too many rows at once; send them once a second.'], 413);
        }
        try {
            $run = $this->live->take($stand, $request->getContent());
        } catch (RecordingError $error) {
            return new JsonResponse(['error' => $error->getMessage()], 422);
        }

        return null === $run
            ? new JsonResponse(['error' => 'Nobody records this stand. Begin a run on the proof page of the case.'], 409)
            : new JsonResponse(['case' => $run->case->number, 'rows' => $run->rowCount], 201);
    }

    #[Route('/cases/{number}/run', name: 'live_begin', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function begin(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $stand = $this->stands->named(
            (string) $request->request->get('stand', '')
        ) ?? throw new ShopError('On which test stand does it run?', 422);
        $this->live->begin($case, $stand, $this->person->get());

        return $this->redirectToRoute('proof', ['number' => $case->number, '_fragment' => 'live'], Response::HTTP_SEE_OTHER);
    }

    /** The chart, asked for again and again while the run lasts. */
    #[Route('/cases/{number}/run', name: 'live', methods: ['GET'])]
    public function show(string $number): Response
    {
        $case = $this->gate->find($number);
        $run = $this->live->runOf($case);

        return null === $run
            ? new Response('', 200, ['HX-Refresh' => 'true'])
            : $this->render('proof/_live.html.twig', ['case' => $case, 'run' => $run, 'trace' => $this->live->trace($run), 'now' => now()]);
    }

    #[Route('/cases/{number}/run/end', name: 'live_end', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function end(string $number): Response
    {
        $case = $this->gate->find($number);
        $run = $this->live->runOf($case) ?? throw new ShopError('The run has been ended already.', 409);
        if (null === $this->live->end($run, $this->person->get())) {
            $this->addFlash(
                'refused',
                'Nothing came from the stand: there is no recording. Look whether its gateway is on and has the right token.',
            );
        }

        return $this->redirectToRoute('proof', ['number' => $case->number, '_fragment' => 'recordings'], Response::HTTP_SEE_OTHER);
    }
}
