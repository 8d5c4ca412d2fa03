<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;

/** A count. */
final readonly class WholeNumber implements Takes
{
    public const MOST = 999999999;

    public function __construct(private int $least = 1, private int $most = self::MOST)
    {
    }

    public function words(): string
    {
        return match (true) {
            $this->most < self::MOST => \sprintf('a whole number from %d to %d', $this->least, $this->most),
            1 === $this->least => 'a whole number above 0',
            default => \sprintf('a whole number, %d or more', $this->least),
        };
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $number = self::read($text, $this->words());
        if ($number < $this->least || $number > $this->most) {
            throw new QuantityError(\sprintf('%d is out of range; expected %s.', $number, $this->words()));
        }

        return new Taken($number, ['value' => $number, 'unit' => '']);
    }

    /** @throws QuantityError if it is no whole number of 0 or more */
    public static function read(string $text, string $expected): int
    {
        if (1 !== preg_match('/^\s*\+?(\d{1,9})\s*$/', $text, $m)) {
            throw new QuantityError(\sprintf('"%s" is no count; expected %s.', mb_substr(trim($text), 0, 40), $expected));
        }

        return (int) $m[1];
    }
}
