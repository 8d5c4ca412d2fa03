<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/**
 * Numbers in what was dictated: in figures ("31,96 mm") or in English words ("thirty-one point nine six millimetres").
 * Noise and slips garble them, so each is offered to be confirmed and counts for nothing before.
 */
final class SaidNumbers
{
    private const ONES = [
        'zero' => 0, 'nought' => 0, 'oh' => 0, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7,
        'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15,
        'sixteen' => 16, 'seventeen' => 17, 'eighteen' => 18, 'nineteen' => 19, 'twenty' => 20, 'thirty' => 30, 'forty' => 40,
        'fifty' => 50, 'sixty' => 60, 'seventy' => 70, 'eighty' => 80, 'ninety' => 90,
    ];

    private const TIMES = ['hundred' => 100, 'thousand' => 1000];

    private const UNITS = [
        'millimet(?:re|er)s?|mm' => 'mm', 'microns?|micromet(?:re|er)s?|µm' => 'µm', 'inch(?:es)?|in(?=\W|$)' => 'in', 'thou' => 'thou',
        'bars?' => 'bar', 'psi' => 'psi', 'newton[ -]met(?:re|er)s?|n·?m' => 'N·m', 'lit(?:re|er)s? (?:a|per) minute|l\/min' => 'L/min',
        'turns?' => 'turn', 'newtons?' => 'N', 'revs|revolutions (?:a|per) minute|rpm' => 'rpm',
    ];

    /** @return list<SaidNumber> in the order in which they were said; single words ("one of them") are no sizes and are left out */
    public static function in(string $said): array
    {
        $word = implode('|', [...array_keys(self::ONES), ...array_keys(self::TIMES)]);
        $spoken = "(?:$word)(?:[ -]+(?:and[ -]+)?(?:$word))*(?:[ -]+point(?:[ -]+(?:$word))+)?|point(?:[ -]+(?:$word))+";
        $units = implode('|', array_map(static fn (string $unit): string => "(?:$unit)", array_keys(self::UNITS)));
        preg_match_all(
            "~(?<![\\w.,])(?:(?<figures>\\d+(?:[.,]\\d+)?)|(?<words>$spoken))(?!\\w)(?:\\s*(?<unit>$units)(?!\\w))?~iu",
            $said,
            $all,
            \PREG_SET_ORDER | \PREG_UNMATCHED_AS_NULL,
        );
        $found = [];
        foreach ($all as $one) {
            $unit = self::unit($one['unit'] ?? '');
            $words = $one['words'] ?? '';
            if ('' !== $words && '' === $unit && 1 !== preg_match('~[ -]~', $words)) {
                continue;
            }
            $number = '' === $words ? strtr($one['figures'] ?? '', ',', '.') : self::figures(strtolower($words));
            $found[] = new SaidNumber(trim($one[0] ?? ''), $number, $unit);
        }

        return $found;
    }

    private static function unit(string $said): string
    {
        foreach (self::UNITS as $pattern => $symbol) {
            if ('' !== $said && 1 === preg_match("~^(?:$pattern)$~iu", $said)) {
                return $symbol;
            }
        }

        return '';
    }

    /** "one hundred and five point oh three" is 105.03: after the point each word gives its figures. */
    private static function figures(string $words): string
    {
        [$whole, $part] = preg_split('~(?:^|[ -]+)point[ -]+~', $words, 2) + [1 => ''];
        $sum = $held = 0;
        foreach (self::parts($whole) as $word) {
            if (isset(self::TIMES[$word])) {
                $held = max(1, $held) * self::TIMES[$word];
                [$sum, $held] = 1000 === self::TIMES[$word] ? [$sum + $held, 0] : [$sum, $held];
            } else {
                $held += self::ONES[$word] ?? 0;
            }
        }
        $digits = '';
        $last = 0;
        foreach (self::parts($part) as $word) {
            $one = self::ONES[$word] ?? 0;
            // "twenty five" behind the point is 25, "two five" as well.
            $digits = $last >= 20 && $one > 0 && $one < 10 ? substr($digits, 0, -1).$one : $digits.$one;
            $last = $one;
        }

        return ($sum + $held).('' === $digits ? '' : '.'.$digits);
    }

    /** @return list<string> */
    private static function parts(string $words): array
    {
        return array_values(array_diff(preg_split('~[ -]+~', $words) ?: [], ['', 'and']));
    }
}
