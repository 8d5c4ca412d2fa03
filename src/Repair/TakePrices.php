<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\OurShop;
use App\Account\User;
use App\Books\BookShelf;
use App\Repair\Repository\PriceRowRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Model;
use Japhrex\Core\Family\SchoolChoice;
use Japhrex\Core\Repair\Price;
use Japhrex\Core\Repair\PriceList;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** A supplier's price list is taken whole, in the place of the one of the same name. */
final readonly class TakePrices
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BookShelf $shelf,
        private PriceRowRepository $prices,
        private OurShop $shop,
    ) {
    }

    /**
     * @param string $text CSV in UTF-8, with the names of the columns in its first line
     *
     * @return int how many prices it holds
     *
     * @throws PriceListError
     */
    public function __invoke(string $list, string $text, User $who): int
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw new PriceListError(['The file is not in UTF-8. Save it as CSV (UTF-8) and choose it again.']);
        }
        [$prices, $faults] = PriceList::of(self::rows($text), $this->known(), $this->shop->currency());
        if ([] !== $faults) {
            throw new PriceListError($faults);
        }
        $this->entityManager->wrapInTransaction(function () use ($list, $prices, $who): void {
            $this->prices->drop($list);
            foreach ($prices as $price) {
                $this->entityManager->persist(new PriceRow($list, $price, $who));
            }
        });

        return \count($prices);
    }

    /** @return array<string, list<string>> family => keys of its parts */
    private function known(): array
    {
        $known = [];
        foreach ($this->shelf->all() as $book) {
            $known[$book->key] = [
                ...array_keys($book->parts),
                Price::DONOR,
                ...array_map(static fn (string $kit): string => Price::KIT.$kit, array_keys($book->upkeep->kits)),
                ...array_merge(...array_values(array_map(
                    static fn (SchoolChoice $one): array => array_map(
                        static fn (string $side): string => Price::CHOICE.$one->key.'/'.$side,
                        array_keys($one->sides),
                    ),
                    $book->upkeep->choices,
                ))),
                ...array_map(static fn (Model $one): string => Price::MODEL.$one->name(), $book->models),
            ];
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
