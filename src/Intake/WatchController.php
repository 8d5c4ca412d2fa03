<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Platform\BookShelf;
use App\Platform\ShopError;
use App\Platform\WayBack;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Ticks known weak places: it is there, or looked and clean; ticked once more it is open again. */
final class WatchController extends AbstractController
{
    #[Route('/cases/{number}/watch/{key}', name: 'watch_tick', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function tick(string $number, string $key, Request $request, CaseGate $gate, BookShelf $shelf, EntityManagerInterface $em, CurrentPerson $person): Response
    {
        $case = $gate->open($number, Permission::PHOTOGRAPH);
        if (!isset($shelf->book($case->family)->watch[$key])) {
            throw new ShopError('The book has no such weak place.', 404);
        }
        $state = WatchState::tryFrom((string) $request->request->get('state')) ?? throw new ShopError('A weak place is there, or looked at and clean.', 422);
        $tick = $em->getRepository(WatchTick::class)->findOneBy(['case' => $case, 'watch' => $key]);
        if ($tick?->state === $state) {
            $em->remove($tick);
        } else {
            $tick ??= new WatchTick($case, $key);
            [$tick->state, $tick->byWhom] = [$state, $person->get()->name];
            $em->persist($tick);
        }
        $em->flush();

        return WayBack::of($request, $this->generateUrl('intake', ['number' => $case->number, '_fragment' => 'watch']));
    }
}
