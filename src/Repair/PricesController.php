<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Platform\ShopError;
use App\Repair\Form\RatesInput;
use App\Repair\Repository\PriceRowRepository;
use Japhrex\Core\Quantity\MoneyError;
use Japhrex\Core\Repair\RatesError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Price lists of suppliers, and what a bench hour costs. */
final class PricesController extends AbstractController
{
    /** Largest list, bytes. */
    private const LARGEST = 2_000_000;

    public function __construct(
        private readonly BookShelf $shelf,
        private readonly RepairDesk $desk,
        private readonly CurrentPerson $person,
        private readonly PriceRowRepository $prices,
    ) {
    }

    #[Route('/prices', name: 'prices', methods: ['GET'])]
    public function show(): Response
    {
        return $this->page();
    }

    #[Route('/prices', name: 'prices_take', methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function take(Request $request, TakePrices $take): Response
    {
        $name = mb_substr(trim((string) $request->request->get('list', '')), 0, 80);
        $file = $request->files->get('file');
        if ('' === $name || !$file instanceof UploadedFile || !$file->isValid() || $file->getSize() > self::LARGEST) {
            return $this->page(
                [
                    '' === $name
                        ? 'Which list is it? A supplier and a year, such as Pellam 2026.'
                        : \sprintf('Choose a CSV file of at most %d MB.', self::LARGEST / 1_000_000),
                ],
                $name,
            );
        }
        try {
            $count = $take($name, $file->getContent(), $this->person->get());
        } catch (PriceListError $error) {
            return $this->page($error->faults, $name);
        }
        $this->addFlash('kept', \sprintf('%d prices taken.', $count));

        return $this->redirectToRoute('prices', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/prices/rates', name: 'prices_rates', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function rates(#[MapRequestPayload] RatesInput $typed, KeepRates $keep): Response
    {
        try {
            $keep($typed, $this->person->get());
        } catch (RatesError|MoneyError $e) {
            return $this->page([$e->getMessage()], typed: ['hour' => $typed->hour, 'tax' => $typed->tax, 'hoursADay' => $typed->hoursADay]);
        }
        $back = 'settings' === $typed->back ? 'settings' : 'prices';

        return $this->redirectToRoute($back, status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/prices/{list}/remove', name: 'prices_remove', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function remove(string $list): Response
    {
        if (0 === $this->prices->drop($list)) {
            throw new ShopError(\sprintf('There is no price list “%s”.', $list), 404);
        }

        return $this->redirectToRoute('prices', status: Response::HTTP_SEE_OTHER);
    }

    /**
     * @param list<string> $faults
     * @param array<string, string> $typed
     */
    private function page(array $faults = [], string $list = '', array $typed = []): Response
    {
        $lists = [];
        foreach ($this->prices->byList() as $row) {
            $lists[$row->list][] = $row;
        }

        return $this->render(
            'repair/prices.html.twig',
            [
                'lists' => $lists,
                'books' => $this->shelf->all(),
                'rates' => $this->desk->rates(),
                'faults' => $faults,
                'list' => $list,
                'typed' => $typed,
            ],
            new Response(status: [] === $faults ? 200 : 422),
        );
    }
}
