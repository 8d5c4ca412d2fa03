<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Permission;
use App\Measuring\Form\GaugeType;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The shop's gauges: what they resolve, how sure they are, when they were calibrated. */
final class GaugesController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $em, private readonly FormFactoryInterface $forms)
    {
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

    private function save(string $name, Gauge $gauge, Request $request): Response
    {
        $form = $this->forms->createNamed($name, GaugeType::class, $gauge);
        $form->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page([$name => $form]);
        }
        $this->em->persist($gauge);
        $this->em->flush();

        return $this->redirectToRoute('gauges', [], Response::HTTP_SEE_OTHER);
    }

    /** @param array<string, FormInterface<mixed>> $submitted forms that did not hold, by name */
    private function page(array $submitted = []): Response
    {
        $gauges = [];
        foreach ($this->em->getRepository(Gauge::class)->findBy([], ['name' => 'ASC']) as $gauge) {
            $name = self::formName($gauge);
            $gauges[] = ['gauge' => $gauge, 'open' => isset($submitted[$name]), 'form' => ($submitted[$name] ?? $this->forms->createNamed($name, GaugeType::class, $gauge))->createView()];
        }

        return $this->render('measuring/gauges.html.twig', [
            'gauges' => $gauges,
            'add' => ($submitted['gauge'] ?? $this->forms->createNamed('gauge', GaugeType::class, new Gauge()))->createView(),
        ], new Response(status: [] === $submitted ? 200 : 422));
    }

    private static function formName(Gauge $gauge): string
    {
        return 'gauge_'.substr(md5((string) $gauge->id), 0, 8);
    }
}
