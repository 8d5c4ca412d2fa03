<?php

declare(strict_types=1);

namespace App\Exchange\Bag;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Memory\Ask\AskedPage;
use App\Memory\Ask\AskSort;
use App\Memory\Ask\CaseRow;
use App\Memory\Repository\AskRepository;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use Japhrex\Core\Memory\Ask\AskError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Whole cases to take out: one, or all that a question finds. */
#[IsGranted(Permission::EXCHANGE)]
final class BagsController extends AbstractController
{
    public function __construct(private readonly PackCases $pack, private readonly CurrentPerson $person)
    {
    }

    #[Route('/cases/{number}/bundle', name: 'bundle_case', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function one(string $number, Request $request, CaseGate $gate): Response
    {
        ($this->pack)([$gate->find($number)->number], 'yes' === $request->request->get('places'), $this->person->get());

        return $this->redirectToRoute('exchange', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/exchange/bundles', name: 'bundle_asked', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function asked(Request $request, AskedPage $page, AskRepository $memory): Response
    {
        $numbers = [];
        try {
            $sql = $page->sql($request->request->getString('q'), $this->person->get());
        } catch (AskError $error) {
            throw new ShopError($error->getMessage(), 422, $error);
        }
        /** @var CaseRow $case */
        foreach ($memory->each($sql, AskSort::Newest) as $case) {
            $numbers[] = $case->number;
            if (\count($numbers) > BagOut::MOST) {
                break;
            }
        }
        ($this->pack)($numbers, 'yes' === $request->request->get('places'), $this->person->get());

        return $this->redirectToRoute('exchange', status: Response::HTTP_SEE_OTHER);
    }

    /** Where the packing stands; asked again and again while it goes on. */
    #[Route('/exchange/bundles/{id}', name: 'bundle_state', methods: ['GET'])]
    public function state(BagOut $bags): Response
    {
        return $this->render('exchange/_bundle.html.twig', ['bags' => $bags]);
    }

    #[Route('/exchange/bundles/{id}/{name}.zip', name: 'bundle_file', methods: ['GET'])]
    public function save(BagOut $bags, StoredFiles $stored): Response
    {
        return $stored->send(
            BagOut::AREA,
            $bags->hash ?? throw new ShopError('This bundle is not packed yet.', 404),
            'application/zip',
            $bags->fileName(),
            true,
        );
    }
}
