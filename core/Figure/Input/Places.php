<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;

/** Lengths by place, `top:44.01mm;bottom:44.03mm`. */
final readonly class Places implements Takes
{
    public function words(): string
    {
        return 'places with their lengths, such as top:44.01mm;bottom:44.03mm';
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $values = $echo = [];
        foreach (Items::of($text, $this->words()) as $item) {
            [$place, $reading] = self::split($item->text, ':', $this->words());
            $value = new Place($place, OneQuantity::read($reading, Dimension::Length, Range::any()));
            $echo[] = $item->typed;
            for ($i = 0; $i < $item->times; ++$i) {
                $values[] = $value;
            }
        }

        return new Taken($values, $echo);
    }

    /**
     * @param non-empty-string $sign
     *
     * @return array{string, string} what stands before and after the sign, neither empty
     */
    public static function split(string $item, string $sign, string $expected): array
    {
        $parts = array_map(trim(...), explode($sign, $item, 2));
        if (2 !== \count($parts) || '' === $parts[0] || '' === $parts[1]) {
            throw new QuantityError(\sprintf('"%s" cannot be read; expected %s.', mb_substr($item, 0, 40), $expected));
        }

        return [$parts[0], $parts[1]];
    }
}
