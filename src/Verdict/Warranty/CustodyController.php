<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Verdict\Whereabouts;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Where the parts are that matter: kept, sent, back, scrapped. It goes on after a case is signed. */
final class CustodyController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly CurrentPerson $person,
        private readonly Custodies $custodies,
    ) {
    }

    #[Route('/cases/{number}/custody', name: 'custody', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function add(string $number, Request $request): Response
    {
        $this->denyAccessUnlessGranted(Permission::BENCH);
        $case = $this->gate->find($number);
        $part = (string) $request->request->get('part', '');
        $what = Whereabouts::tryFrom((string) $request->request->get('what', ''));
        $typed = (string) $request->request->get('day', '');
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $typed);
        $place = mb_substr(trim((string) $request->request->get('place', '')), 0, 200);
        $wrong = match (true) {
            null === $this->shelf->book($case->family)->part($part) => 'Which part? Choose one of the unit.',
            null === $what => 'What became of it? Kept, sent out, came back or scrapped.',
            false === $day || $day->format('Y-m-d') !== $typed => 'On which day? Such as 2026-03-01.',
            $day > now('tomorrow') => 'That day has not come yet.',
            '' === $place => 'Where is it? Shelf and tag, or to whom and by which consignment.',
            default => $this->follows($case, $part, $what, $day),
        };
        if (null !== $wrong || null === $what || false === $day) {
            throw new ShopError((string) $wrong, 422);
        }
        $this->entityManager->persist(new Custody($case, $part, $what, $day, $place, $this->person->get()->name));
        $this->entityManager->flush();

        return $this->redirectToRoute('warranty', ['number' => $case->number, '_fragment' => 'custody'], Response::HTTP_SEE_OTHER);
    }

    private function follows(CaseFile $case, string $part, Whereabouts $what, \DateTimeImmutable $day): ?string
    {
        $before = $this->custodies->byPart($case)[$part] ?? [];
        $last = [] === $before ? null : $before[\count($before) - 1];

        return $what->after($last?->what, $last?->day, $day);
    }
}
