<?php

declare(strict_types=1);

namespace App\Proof\Live;

use App\Account\Permission;
use App\Platform\DeviceToken;
use App\Proof\Repository\TestStandRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\Channel;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The shop's test stands: what their gauges do not know, and how they send. */
final class StandsController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $entityManager, private readonly TestStandRepository $stands)
    {
    }

    #[Route('/stands', name: 'stands', methods: ['GET'])]
    public function list(): Response
    {
        return $this->page();
    }

    #[Route('/stands', name: 'stand_add', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function add(Request $request): Response
    {
        return $this->save(null, $request);
    }

    #[Route('/stands/{id}', name: 'stand_save', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function change(TestStand $stand, Request $request): Response
    {
        return $this->save($stand, $request);
    }

    /** A token for the gateway of this stand. It is shown once; only its hash is kept. */
    #[Route('/stands/{id}/token', name: 'stand_token', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function token(TestStand $stand): Response
    {
        $token = DeviceToken::make();
        $stand->giveToken($token);
        $this->entityManager->flush();

        return $this->page(tokens: [(string) $stand->id => $token]);
    }

    private function save(?TestStand $stand, Request $request): Response
    {
        $name = mb_substr(trim((string) $request->request->get('name', '')), 0, 80);
        $expanded = $wrong = [];
        foreach (Channel::cases() as $channel) {
            $typed = mb_substr(trim((string) $request->request->get($channel->value, '')), 0, 40);
            if ('' === $typed) {
                continue;
            }
            $expanded[$channel->value] = $typed;
            try {
                $u = Quantity::parse($typed, $channel->dimension()->difference());
                $wrong += $u->si < 0.0 ? [$channel->value => 'An uncertainty is 0 or more.'] : [];
            } catch (QuantityError $error) {
                $wrong[$channel->value] = $error->getMessage();
            }
        }
        $other = $this->stands->named($name);
        if ('' === $name || (null !== $other && $other !== $stand)) {
            $wrong['name'] = '' === $name ? 'What is it called? “Stand 1, 45 kW”.' : 'There is a stand of this name already; number them.';
        }
        if ([] !== $wrong) {
            return $this->page(['id' => (string) $stand?->id, 'name' => $name, 'wrong' => $wrong] + $expanded);
        }
        $stand ??= new TestStand($name);
        $stand->describe($name, $expanded);
        $this->entityManager->persist($stand);
        $this->entityManager->flush();

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
