<?php

declare(strict_types=1);

namespace Japhrex\Core\Quantity;

/** An amount in whole minor units (cents) of one currency; never a float. */
final readonly class Money
{
    private function __construct(public int $minor, public string $currency)
    {
    }

    /** @throws MoneyError if the currency is not three capital letters */
    public static function ofMinor(int $minor, string $currency): self
    {
        if (1 !== preg_match('/^[A-Z]{3}$/', $currency)) {
            throw MoneyError::currency($currency);
        }

        return new self($minor, $currency);
    }

    /**
     * Reads `1240.50 EUR` or `12,5 EUR`: at most two decimals (one minor unit is a hundredth).
     *
     * @param string|null $where the currency of an amount that names none, such as `EUR`; null: it has to name one
     *
     * @throws MoneyError saying what was expected
     */
    public static function parse(string $typed, ?string $where = null): self
    {
        $found = preg_match('/^\s*([+-]?)(\d{1,12})(?:[.,](\d{1,2}))?\s*([A-Za-z]{3})?\s*$/', strtr($typed, ['−' => '-']), $m);
        $currency = strtoupper($m[4] ?? '') ?: $where;
        if (1 !== $found || null === $currency) {
            throw MoneyError::notAnAmount($typed);
        }
        $minor = (int) $m[2] * 100 + (int) str_pad($m[3] ?? '', 2, '0');

        return self::ofMinor('-' === $m[1] ? -$minor : $minor, $currency);
    }

    /** @throws MoneyError if the currencies differ */
    public function plus(self $other): self
    {
        if ($this->currency !== $other->currency) {
            throw MoneyError::currenciesDiffer($this->currency, $other->currency);
        }

        return new self($this->minor + $other->minor, $this->currency);
    }

    public function times(int $count): self
    {
        return new self($this->minor * $count, $this->currency);
    }

    /**
     * A part of it in hundredths of a percent, such as 1900 for 19 %, or of so many hundredths of an hour at a price for the hour: the half
     * cent up,
     * away from nothing.
     */
    public function ofTenThousand(int $share): self
    {
        $product = $this->minor * $share;

        return new self(intdiv(abs($product) + 5000, 10000) * ($product < 0 ? -1 : 1), $this->currency);
    }

    /** `1240.50 EUR` */
    public function format(): string
    {
        return \sprintf(
            '%s%d.%02d %s',
            $this->minor < 0 ? '-' : '',
            intdiv(abs($this->minor), 100),
            abs($this->minor) % 100,
            $this->currency,
        );
    }
}
