<?php

declare(strict_types=1);

namespace App\Memory\Batch;

use App\Platform\Letters;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A batch of parts: which units out there have it, and who owns them. */
final class BatchController extends AbstractController
{
    #[Route('/batches', name: 'batches', methods: ['GET'])]
    public function find(Request $request): Response
    {
        $mark = trim($request->query->getString('mark'));

        return '' === $mark
            ? $this->render('memory/batch.html.twig', ['mark' => '', 'rows' => [], 'hasMail' => false])
            : $this->redirectToRoute('batch', ['mark' => $mark]);
    }

    #[Route('/batches/{mark}', name: 'batch', requirements: ['mark' => '.+'], methods: ['GET'])]
    public function show(string $mark, BatchUnits $units, Letters $letters): Response
    {
        return $this->render('memory/batch.html.twig', ['mark' => $mark, 'rows' => $units->of($mark), 'hasMail' => $letters->hasServer()]);
    }
}
