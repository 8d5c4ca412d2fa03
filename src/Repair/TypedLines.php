<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\OurShop;
use Japhrex\Core\Quantity\BareNumber;
use Japhrex\Core\Quantity\MoneyError;
use Japhrex\Core\Repair\Line;
use Japhrex\Core\Repair\LineError;

/** The lines of an option as somebody typed them. */
final readonly class TypedLines
{
    public function __construct(private OurShop $shop)
    {
    }

    /**
     * @param array<array<string, string>> $rows
     *
     * @return list<Line> without those that were left empty
     *
     * @throws LineError naming the line that cannot be read
     */
    public function __invoke(array $rows): array
    {
        return array_values(array_filter(array_map($this->line(...), $rows)));
    }

    /** @param array<string, string> $row */
    private function line(array $row): ?Line
    {
        $row += ['what' => '', 'kind' => 'other', 'low' => '', 'high' => '', 'days' => '', 'hours' => ''];
        if ('' === $row['what'] && '' === $row['low']) {
            return null;
        }
        try {
            $low = $this->shop->money($row['low']);
            $high = '' === $row['high'] ? $low : $this->shop->money($row['high']);
        } catch (MoneyError $e) {
            throw LineError::amount($row['what'], $e->getMessage());
        }

        return new Line($row['what'], $row['kind'], $low, $high, (int) self::number($row, 'days'), self::number($row, 'hours'));
    }

    /** @param array<string, string> $row */
    private static function number(array $row, string $what): float
    {
        return '' === $row[$what]
            ? 0.0
            : BareNumber::of(strtr($row[$what], ',', '.')) ?? throw LineError::noNumber($row['what'], $row[$what], $what);
    }
}
