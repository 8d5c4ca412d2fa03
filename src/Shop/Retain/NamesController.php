<?php

declare(strict_types=1);

namespace App\Shop\Retain;

use App\Account\CurrentPerson;
use App\Account\OurShop;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Intake\Repository\CaseFileRepository;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Cases whose years are over, and the names of people in them. */
#[IsGranted(Permission::LET_IN)]
final class NamesController extends AbstractController
{
    private const ROWS = 25;

    /** Seconds after which a year is left where it stands; the rest is asked for again. */
    private const AT_MOST = 60;

    #[Route('/names', name: 'names', methods: ['GET'])]
    public function due(CaseFileRepository $cases, OurShop $shop): Response
    {
        $years = $shop->settings()->keepYears;

        return $this->render('shop/names.html.twig', [
            'years' => $years,
            'count' => $cases->countWithNames($years),
            'cases' => $due = $cases->withNames($years, self::ROWS),
            'year' => [] === $due ? null : $due[0]->signedAt,
            'ofYear' => \count($cases->withNamesOfOldestYear($years)),
        ]);
    }

    /** Out of all cases of the oldest year, one after the other. */
    #[Route('/names', name: 'names_out_of_year', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function takeOutOfYear(
        Request $request,
        CaseFileRepository $cases,
        CaseGate $gate,
        OurShop $shop,
        TakePeopleOut $takeOut,
        CurrentPerson $person,
    ): Response {
        $numbers = $cases->withNamesOfOldestYear($shop->settings()->keepYears);
        if (trim($request->request->getString('typed')) !== (string) \count($numbers)) {
            throw new ShopError(
                \sprintf('It cannot be taken back: type how many cases it is, %d, to say that you mean it.', \count($numbers)), 422,
            );
        }
        [$done, $kept, $until] = [0, 0, microtime(true) + self::AT_MOST];
        foreach ($numbers as $number) {
            try {
                $takeOut($gate->find($number), $person->get());
                ++$done;
            } catch (ShopError) {
                ++$kept;
            }
            if (microtime(true) > $until) {
                break;
            }
        }
        $left = \count($numbers) - $done - $kept;
        $this->addFlash('kept', \sprintf(
            'The names are out of %d cases. What was found and signed stays, with its digests.%s%s', $done,
            $kept > 0 ? \sprintf(' %d keep theirs: the last signature of each is not so old yet.', $kept) : '',
            $left > 0 ? \sprintf(' %d are left; ask again.', $left) : '',
        ));

        return $this->redirectToRoute('names', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/names/{number}', name: 'names_out', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function takeOut(string $number, Request $request, CaseGate $gate, TakePeopleOut $takeOut, CurrentPerson $person): Response
    {
        $case = $gate->find($number);
        if (trim($request->request->getString('typed')) !== $case->number) {
            throw new ShopError(
                \sprintf('It cannot be taken back: type the number of the case, %s, to say that you mean it.', $case->number),
                422,
            );
        }
        $takeOut($case, $person->get());
        $this->addFlash('kept', \sprintf('The names are out of %s. What was found and signed stays, with its digests.', $number));

        return $this->redirectToRoute('names', status: Response::HTTP_SEE_OTHER);
    }
}
