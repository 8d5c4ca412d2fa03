<?php

declare(strict_types=1);

namespace App\Account;

use App\Platform\WayBack;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Quantity\UnitSystem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

final class PersonController extends AbstractController
{
    /** Changes the units in which this person reads; what was typed stays as typed. */
    #[Route('/units', name: 'units', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function units(Request $request, CurrentPerson $person, EntityManagerInterface $entityManager): Response
    {
        $person->get()->units = UnitSystem::Metric === $person->units() ? UnitSystem::Inch : UnitSystem::Metric;
        $entityManager->flush();

        return WayBack::of($request);
    }
}
