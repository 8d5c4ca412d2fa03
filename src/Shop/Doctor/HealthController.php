<?php

declare(strict_types=1);

namespace App\Shop\Doctor;

use Doctrine\DBAL\Exception as DatabaseException;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** What a balancer asks: whether this process lives, and whether it can serve. It says nothing that a stranger could use. */
final class HealthController extends AbstractController
{
    #[Route('/health/alive', name: 'health_alive', methods: ['GET'])]
    public function alive(): JsonResponse
    {
        return new JsonResponse(['alive' => true]);
    }

    #[Route('/health/ready', name: 'health_ready', methods: ['GET'])]
    #[Route('/health', name: 'health', methods: ['GET'])]
    public function ready(DatabaseCheck $database, StoreCheck $store): JsonResponse
    {
        try {
            $well = ['database' => true, 'tables' => $database->tables()->isWell, 'store' => $store->takes()->isWell];
        } catch (DatabaseException) {
            $well = ['database' => false];
        }
        $ready = !\in_array(false, $well, true);

        return new JsonResponse(['ready' => $ready] + $well, $ready ? 200 : 503);
    }
}
