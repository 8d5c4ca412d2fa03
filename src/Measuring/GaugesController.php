<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\CurrentPerson;
use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\Permission;
use App\Measuring\Form\GaugeType;
use App\Measuring\Repository\GaugeRepository;
use App\Measuring\Repository\ZeroCheckRepository;
use App\Platform\DeviceToken;
use App\Platform\ShopError;
use App\Platform\WayBack;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The shop's gauges: what they resolve, how sure they are, when they were calibrated. */
final class GaugesController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly FormFactoryInterface $forms,
        private readonly ZeroCheckRepository $zeros,
        private readonly GaugeRepository $gauges,
    ) {
    }

    #[Route('/gauges', name: 'gauges', methods: ['GET'])]
    public function list(): Response
    {
        return $this->page();
    }

    #[Route('/gauges', name: 'gauge_add', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    public function add(Request $request): Response
    {
        return $this->save('gauge', new Gauge(), $request);
    }

    #[Route('/gauges/{id}', name: 'gauge_save', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    public function change(Gauge $gauge, Request $request): Response
    {
        return $this->save(self::formName($gauge), $gauge, $request);
    }

    /** What a gauge shows on zero; it goes with the readings of the next two hours. */
    #[Route('/gauges/{id}/zero', name: 'gauge_zero', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function zero(Gauge $gauge, Request $request, CurrentPerson $person): Response
    {
        $typed = trim((string) $request->request->get('zero', ''));
        try {
            $dimension = Quantity::dimensionsOf($gauge->resolution)[0];
            Quantity::parse(
                $typed = is_numeric($typed) ? $typed.' '.Quantity::parse($gauge->resolution, $dimension->difference())->typedUnit : $typed,
                $dimension->difference(),
            );
        } catch (QuantityError $error) {
            throw new ShopError($error->getMessage(), 422);
        }
        $this->entityManager->persist(new ZeroCheck($gauge, mb_substr($typed, 0, 40), $person->get()));
        $this->entityManager->flush();

        return WayBack::of($request, $this->generateUrl('gauges'));
    }

    /** A token for the gateway that sends this gauge's readings. It is shown once; only its hash is kept. */
    #[Route('/gauges/{id}/token', name: 'gauge_token', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function token(Gauge $gauge, CurrentPerson $person, SecurityLog $log): Response
    {
        if ('' === $gauge->bench) {
            throw new ShopError('To which bench does it send? Enter the bench of the gauge first.', 422);
        }
        $token = DeviceToken::make();
        $gauge->giveToken($token);
        $this->entityManager->flush();
        $log->note(SecurityEvent::Token, $person->get(), "of gauge {$gauge->name}");

        return $this->page([], [(string) $gauge->id => $token]);
    }

    private function save(string $name, Gauge $gauge, Request $request): Response
    {
        $form = $this->forms->createNamed($name, GaugeType::class, $gauge);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page([$name => $form]);
        }
        $this->entityManager->persist($gauge);
        $this->entityManager->flush();

        return $this->redirectToRoute('gauges', [], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param array<string, FormInterface<mixed>> $submitted forms that did not hold, by name
     * @param array<string, string> $tokens just made, by gauge id
     */
    private function page(array $submitted = [], array $tokens = []): Response
    {
        $gauges = [];
        foreach ($this->gauges->byName() as $gauge) {
            $name = self::formName($gauge);
            $gauges[] = [
                'gauge' => $gauge,
                'open' => isset($submitted[$name]),
                'form' => ($submitted[$name] ?? $this->forms->createNamed($name, GaugeType::class, $gauge))->createView(),
            ];
        }

        return $this->render('measuring/gauges.html.twig', [
            'gauges' => $gauges,
            'tokens' => $tokens,
            'zeros' => $this->zeros->holding(),
            'today' => now(),
            'add' => ($submitted['gauge'] ?? $this->forms->createNamed('gauge', GaugeType::class, new Gauge()))->createView(),
        ], new Response(status: [] === $submitted ? 200 : 422));
    }

    private static function formName(Gauge $gauge): string
    {
        return 'gauge_'.substr(md5((string) $gauge->id), 0, 8);
    }
}
