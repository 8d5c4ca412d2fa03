<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\MoneyError;

/**
 * Reads a price list: columns `family`, `part`, `price`, and if wanted `number`, `days`, `supply` (shelf, order, gone, make) and `version`
 * (standard or
 * upgrade). It is taken whole or not at all.
 */
final class PriceList
{
    private const COLUMNS = ['family', 'part', 'price', 'number', 'days', 'supply', 'version'];
    private const NEEDED = ['family', 'part', 'price'];

    /** So many faults are named. */
    private const NAMED = 20;

    /** @var list<string> */
    private array $faults = [];

    /** @var array<string, Price> */
    private array $prices = [];

    private function __construct(private readonly ?string $where)
    {
    }

    /**
     * @param list<list<string>> $rows as they stand in the file, the names of the columns first
     * @param array<string, list<string>> $known family => keys of its parts
     * @param string|null $where the currency of a price that names none; null: each has to name one
     *
     * @return array{list<Price>, list<string>} the prices, and every fault with its line; with a fault no price is given
     */
    public static function of(array $rows, array $known, ?string $where = null): array
    {
        $list = new self($where);
        $columns = array_map(static fn (string $name): string => mb_strtolower(trim($name, " \t\u{FEFF}")), $rows[0] ?? []);
        $missing = array_diff(self::NEEDED, $columns);
        $strange = array_diff($columns, self::COLUMNS, ['']);
        if ([] !== $missing || [] !== $strange || \count($columns) !== \count(array_unique($columns))) {
            return [[], [\sprintf('Line 1: %s. Expected the columns %s, and if wanted %s.', match (true) {
                [] !== $missing => \sprintf('the column %s is missing', implode(', ', $missing)),
                [] !== $strange => \sprintf('there is no column “%s”', implode('”, “', $strange)),
                default => 'a column is there twice',
            }, implode(', ', self::NEEDED), implode(', ', array_diff(self::COLUMNS, self::NEEDED)))]];
        }
        foreach (\array_slice($rows, 1, null, true) as $i => $row) {
            if ([] !== array_filter($row, static fn (string $cell): bool => '' !== trim($cell))) {
                $list->row(
                    $i + 1,
                    array_map(trim(...), array_combine($columns, array_pad(\array_slice($row, 0, \count($columns)), \count($columns), ''))),
                    $known,
                );
            }
        }
        if ([] === $list->faults && [] === $list->prices) {
            $list->faults[] = 'There is no price in it.';
        }
        $more = \count($list->faults) - self::NAMED;

        return [
            [] === $list->faults ? array_values($list->prices) : [],
            $more > 0 ? [...\array_slice($list->faults, 0, self::NAMED), \sprintf('And %d more.', $more)] : $list->faults,
        ];
    }

    /**
     * @param array<string, string> $row
     * @param array<string, list<string>> $known
     */
    private function row(int $line, array $row, array $known): void
    {
        $supply = Supply::tryFrom(strtolower($row['supply'] ?? '') ?: 'order');
        $version = strtolower($row['version'] ?? '') ?: 'standard';
        $days = ($row['days'] ?? '') === '' ? '0' : $row['days'];
        try {
            $price = Money::parse($row['price'], $this->where);
        } catch (MoneyError $e) {
            $this->faults[] = "Line $line: ".$e->getMessage();

            return;
        }
        $key = implode('/', [$row['family'], $row['part'], $version]);
        $fault = match (true) {
            !isset($known[$row['family']]) => \sprintf('there is no family “%s”', $row['family']),
            Price::WHOLE_UNIT !== $row['part']
                && !\in_array($row['part'], $known[$row['family']], true) => \sprintf(
                    '%s has no part “%s”; for an exchange unit write %s, for a donor %s, for a kit %sKEY, for another model %sMODEL, '
                        .'for what one side of a choice costs more %sCHOICE/SIDE',
                    $row['family'],
                    $row['part'],
                    Price::WHOLE_UNIT,
                    Price::DONOR,
                    Price::KIT,
                    Price::MODEL,
                    Price::CHOICE,
                ),
            $price->minor < 0 => 'a price is not below nothing',
            1 !== preg_match('/^\d{1,3}$/', $days) => \sprintf('“%s” is no number of days', $days),
            null === $supply => \sprintf('“%s” is no supply; expected shelf, order, gone or make', $row['supply'] ?? ''),
            !\in_array($version, ['standard', 'upgrade'], true) => \sprintf('“%s” is no version; expected standard or upgrade', $version),
            isset($this->prices[$key]) => 'this part has a price already, further up',
            [] !== $this->prices
                && reset($this->prices)->price->currency !== $price->currency => \sprintf(
                    '%s and %s in one list',
                    reset($this->prices)->price->currency,
                    $price->currency,
                ),
            default => null,
        };
        if (null !== $fault || null === $supply) {
            $this->faults[] = "Line $line: $fault.";
        } else {
            $this->prices[$key] = new Price(
                $row['family'],
                $row['part'],
                'upgrade' === $version,
                $price,
                Supply::Shelf === $supply ? 0 : (int) $days,
                $supply,
                $row['number'] ?? '',
            );
        }
    }
}
