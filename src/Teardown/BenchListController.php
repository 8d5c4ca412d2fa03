<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\Day;
use App\Platform\ShopError;
use App\Teardown\Form\BenchInput;
use App\Teardown\Repository\BenchThingRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Teardown\BenchItem;
use Japhrex\Core\Teardown\BenchList;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What lies ready before the first part comes off, and what of it goes back to others. */
final class BenchListController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly CasePages $pages,
        private readonly BenchThingRepository $things,
        private readonly EntityManagerInterface $entityManager,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/cases/{number}/bench', name: 'bench_list', methods: ['GET'])]
    public function show(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $book = $this->shelf->book($case->family, $case->is());
        $to = (string) $request->query->get('to', '');
        $items = BenchList::of($book, $to);
        $things = [];
        foreach ($this->things->ofCase($case) as $one) {
            $things[$one->item] = $one;
        }
        $listed = array_map(static fn (BenchItem $one): string => $one->key(), $items);
        $kinds = [];
        foreach ($items as $one) {
            $kinds[$one->kind->label()][] = $one;
        }

        return $this->pages->show($case, 'teardown/bench.html.twig', [
            'kinds' => $kinds,
            'things' => $things,
            'added' => array_diff_key($things, array_flip($listed)),
            'steps' => BenchList::upTo($book, $to),
            'to' => $to,
            'today' => now(),
        ]);
    }

    #[Route('/cases/{number}/bench', name: 'bench_ready', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function ready(string $number, #[MapRequestPayload] BenchInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        if ('' === $typed->item) {
            throw new ShopError('What lies ready? Name it as the shop calls it.', 422);
        }
        $thing = $this->things->named($case, $typed->item) ?? new BenchThing($case, $typed->item, $this->person->get());
        $thing->lent($typed->lentBy, Day::orNone($typed->backOn));
        $this->entityManager->persist($thing);

        return $this->kept($case, $typed->to);
    }

    #[Route('/cases/{number}/bench/{id}/away', name: 'bench_away', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function away(string $number, BenchThing $thing, #[MapRequestPayload] BenchInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $this->mustBelong($thing, $case);
        $this->entityManager->remove($thing);

        return $this->kept($case, $typed->to);
    }

    /** It goes back also after the case was signed. */
    #[Route('/cases/{number}/bench/{id}/back', name: 'bench_back', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function back(string $number, BenchThing $thing, #[MapRequestPayload] BenchInput $typed): Response
    {
        $this->denyAccessUnlessGranted(Permission::BENCH);
        $case = $this->gate->find($number);
        $this->mustBelong($thing, $case);
        $thing->wentBack(now());

        return $this->kept($case, $typed->to);
    }

    private function mustBelong(BenchThing $thing, CaseFile $case): void
    {
        if ($thing->case !== $case) {
            throw $this->createNotFoundException();
        }
    }

    private function kept(CaseFile $case, string $to): Response
    {
        $this->entityManager->flush();

        $back = ['number' => $case->number] + ('' === $to ? [] : ['to' => $to]);

        return $this->redirectToRoute('bench_list', $back, Response::HTTP_SEE_OTHER);
    }
}
