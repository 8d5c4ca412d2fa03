<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Exchange\Brought\BringIn;
use App\Exchange\Repository\BagOutRepository;
use App\Exchange\Repository\BroughtRepository;
use App\Platform\ShopError;
use App\Platform\Words;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What goes out of the shop whole, and what comes in from others. */
final class ExchangeController extends AbstractController
{
    private const ROWS = 25;
    private const BUNDLES = 8;

    public function __construct(private readonly BroughtRepository $brought)
    {
    }

    #[Route('/exchange', name: 'exchange', methods: ['GET'])]
    public function page(Request $request, BagOutRepository $bundles): Response
    {
        $words = Words::of($request->query->getString('q'), 100);
        $page = max(1, $request->query->getInt('page', 1));
        $rows = $this->brought->having($words, ($page - 1) * self::ROWS, self::ROWS + 1);

        return $this->render('exchange/exchange.html.twig', [
            'bundles' => $this->isGranted(Permission::EXCHANGE) ? $bundles->newestFirst(self::BUNDLES) : [],
            'brought' => \array_slice($rows, 0, self::ROWS),
            'hasMore' => \count($rows) > self::ROWS,
            'words' => $words,
            'page' => $page,
        ]);
    }

    #[Route('/exchange/brought', name: 'bring_in', methods: ['POST'])]
    #[IsGranted(Permission::EXCHANGE)]
    #[IsCsrfTokenValid('act')]
    public function bring(Request $request, BringIn $bringIn, CurrentPerson $person): Response
    {
        $file = $request->files->get('bundle');
        if (!$file instanceof UploadedFile || !$file->isValid()) {
            throw new ShopError('Choose the ZIP that the other shop sent; one of at most 600 MB can be taken in here.', 422);
        }
        $cases = $bringIn($file->getPathname(), $person->get());
        $count = \count($cases);
        $this->addFlash('kept', 1 === $count ? 'Checked, and taken in.' : \sprintf('%d cases checked, and taken in.', $count));

        return 1 === $count
            ? $this->redirectToRoute('brought', ['id' => $cases[0]->id], Response::HTTP_SEE_OTHER)
            : $this->redirectToRoute('exchange', status: Response::HTTP_SEE_OTHER);
    }
}
