<?php

declare(strict_types=1);

namespace App\Chain;

use App\Chain\Repository\CleaningRepository;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The path of harm: the chain laid over the drawing of the unit, step by step. */
final class HarmController extends AbstractController
{
    #[Route('/cases/{number}/chain/path', name: 'chain_path', methods: ['GET'])]
    public function show(
        string $number,
        CaseGate $gate,
        CasePages $pages,
        ChainStory $story,
        DebrisOfFinds $debris,
        CleaningRepository $cleanings,
    ): Response {
        $case = $gate->find($number);
        $told = $story->tell($case);

        return $pages->show($case, 'chain/path.html.twig', [
            'story' => $told,
            'grades' => ChainStory::grades($told),
            'reach' => $debris->of($case),
            'cleaned' => array_map(static fn (Cleaning $one): string => $one->part, $cleanings->ofCase($case)),
        ]);
    }
}
