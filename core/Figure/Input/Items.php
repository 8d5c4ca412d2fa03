<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\QuantityError;

/** The items of a list: separated by `;`, each repeated by an `xN` at its end. */
final class Items
{
    /** More than a bench would ever type; beyond it somebody's program has gone wrong. */
    private const MOST = 100000;

    /**
     * @return list<Item>
     *
     * @throws QuantityError if an item is empty or there are too many
     */
    public static function of(string $text, string $expected, bool $mayBeEmpty = false): array
    {
        if ('' === trim($text)) {
            return $mayBeEmpty ? [] : throw new QuantityError(\sprintf('nothing was typed; expected %s.', $expected));
        }
        $typed = array_map(trim(...), explode(';', $text));
        if (\count($typed) > 1 && '' === $typed[\count($typed) - 1]) {
            array_pop($typed);
        }
        $items = [];
        $total = 0;
        foreach ($typed as $item) {
            if ('' === $item) {
                throw new QuantityError(\sprintf('an item is empty; expected %s.', $expected));
            }
            [$rest, $times] = self::repeated($item);
            $total += $times ?? 1;
            if ($total > self::MOST) {
                throw new QuantityError(\sprintf('that is more than %d items.', self::MOST));
            }
            $items[] = new Item($rest, $times ?? 1, $item);
        }

        return $items;
    }

    /** @return array{string, int|null} */
    private static function repeated(string $item): array
    {
        if (!ctype_digit($item[-1]) || 1 !== preg_match('/^(.*\S)\s*[xX×]\s*(\d{1,6})$/us', $item, $m)) {
            return [$item, null];
        }
        if (0 === (int) $m[2]) {
            throw new QuantityError(\sprintf('"%s" is repeated 0 times; leave it out, or expected x1 or more.', mb_substr($item, 0, 40)));
        }

        return [$m[1], (int) $m[2]];
    }
}
