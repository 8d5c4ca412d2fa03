<?php

declare(strict_types=1);

namespace App\Proof\Live;

use App\Account\CurrentPerson;
use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\Permission;
use App\Platform\DeviceToken;
use App\Proof\Form\StandInput;
use App\Proof\Repository\TestStandRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\Channel;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The shop's test stands: what their gauges do not know, and how they send. */
final class StandsController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly TestStandRepository $stands,
        private readonly KeepStand $keep,
    ) {
    }

    #[Route('/stands', name: 'stands', methods: ['GET'])]
    public function list(): Response
    {
        return $this->page();
    }

    #[Route('/stands', name: 'stand_add', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function add(#[MapRequestPayload] StandInput $typed): Response
    {
        return $this->save(null, $typed);
    }

    #[Route('/stands/{id}', name: 'stand_save', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function change(TestStand $stand, #[MapRequestPayload] StandInput $typed): Response
    {
        return $this->save($stand, $typed);
    }

    /** A token for the gateway of this stand. It is shown once; only its hash is kept. */
    #[Route('/stands/{id}/token', name: 'stand_token', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function token(TestStand $stand, CurrentPerson $person, SecurityLog $log): Response
    {
        $token = DeviceToken::make();
        $stand->giveToken($token);
        $this->entityManager->flush();
        $log->note(SecurityEvent::Token, $person->get(), "of test stand {$stand->name}");

        return $this->page(tokens: [(string) $stand->id => $token]);
    }

    private function save(?TestStand $stand, StandInput $typed): Response
    {
        try {
            ($this->keep)($stand, $typed);
        } catch (StandError $error) {
            return $this->page(['id' => (string) $stand?->id, 'name' => $typed->name, 'wrong' => $error->fields] + $typed->expanded);
        }

        return $this->redirectToRoute('stands', [], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param array<string, string|array<string, string>> $typed what did not hold, with what is wrong with it
     * @param array<string, string> $tokens just made, by stand
     */
    private function page(array $typed = [], array $tokens = []): Response
    {
        return $this->render(
            'proof/stands.html.twig',
            ['stands' => $this->stands->byName(), 'channels' => Channel::cases(), 'typed' => $typed, 'tokens' => $tokens],
            new Response(status: [] === $typed ? 200 : 422),
        );
    }
}
