<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Platform\ShopError;
use App\Repair\Form\RatesInput;
use App\Repair\Repository\PriceRowRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Quantity\MoneyError;
use Japhrex\Core\Repair\PriceList;
use Japhrex\Core\Repair\Rates;
use Japhrex\Core\Repair\RatesError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** Price lists of suppliers, and what a bench hour costs. */
final class PricesController extends AbstractController
{
    /** Largest list, bytes. */
    private const LARGEST = 2_000_000;

    public function __construct(
        private readonly EntityManagerInterface $entityManager,
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
    public function take(Request $request): Response
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
        $text = $file->getContent();
        if (!mb_check_encoding($text, 'UTF-8')) {
            return $this->page(['The file is not in UTF-8. Save it as CSV (UTF-8) and choose it again.'], $name);
        }
        [$prices, $faults] = PriceList::of(self::rows($text), $this->known());
        if ([] !== $faults) {
            return $this->page($faults, $name);
        }
        $this->entityManager->wrapInTransaction(function () use ($name, $prices): void {
            $this->prices->drop($name);
            foreach ($prices as $price) {
                $this->entityManager->persist(new PriceRow($name, $price, $this->person->get()));
            }
        });
        $this->addFlash('kept', \sprintf('%d prices taken.', \count($prices)));

        return $this->redirectToRoute('prices', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/prices/rates', name: 'prices_rates', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function rates(#[MapRequestPayload] RatesInput $typed): Response
    {
        try {
            $rates = Rates::typed($typed->hour, $typed->tax, $typed->hoursADay);
        } catch (RatesError|MoneyError $e) {
            return $this->page([$e->getMessage()], typed: ['hour' => $typed->hour, 'tax' => $typed->tax, 'hoursADay' => $typed->hoursADay]);
        }
        $this->entityManager->persist(new ShopRates($rates->hour->format(), $rates->tax, $rates->hoursADay, $this->person->get()));
        $this->entityManager->flush();
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

    /** @return array<string, list<string>> family => keys of its parts */
    private function known(): array
    {
        $known = [];
        foreach ($this->shelf->all() as $book) {
            $known[$book->key] = array_keys($book->parts);
        }

        return $known;
    }

    /** @return list<list<string>> comma or semicolon, as the first line has it */
    private static function rows(string $text): array
    {
        $first = strtok($text, "\n") ?: '';
        $rows = (new CsvEncoder())->decode(
            $text,
            'csv',
            [
                CsvEncoder::NO_HEADERS_KEY => true,
                CsvEncoder::DELIMITER_KEY => substr_count($first, ';') > substr_count($first, ',') ? ';' : ',',
                CsvEncoder::AS_COLLECTION_KEY => true,
            ],
        );

        return array_values(
            array_map(
                static fn (mixed $row): array => array_values(
                    array_map(static fn (mixed $cell): string => \is_scalar($cell) ? (string) $cell : '', (array) $row)
                ),
                \is_array($rows) ? $rows : [],
            )
        );
    }
}
