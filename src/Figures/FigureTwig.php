<?php

declare(strict_types=1);

namespace App\Figures;

use App\Account\CurrentPerson;
use Japhrex\Core\Figure\Input\Paths;
use Japhrex\Core\Figure\Result;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Units;
use Japhrex\Core\Quantity\UnitSystem;
use Twig\Attribute\AsTwigFilter;
use Twig\Attribute\AsTwigFunction;

/** Figures in words, in the units of the person who reads. */
final readonly class FigureTwig
{
    public function __construct(private CurrentPerson $person)
    {
    }

    /** `pocket-depth` as people say it. */
    #[AsTwigFilter('figure_label')]
    public static function label(string $key): string
    {
        return match ($key) {
            'u' => 'uncertainty u',
            'v40' => 'viscosity at 40 °C',
            'v100' => 'viscosity at 100 °C',
            'k' => 'nut factor k',
            'en' => 'E_n',
            'n4', 'n6', 'n14' => 'over '.substr($key, 1).' µm(c) per mL',
            default => strtr($key, '-', ' '),
        };
    }

    /** What a figure was asked with, without digits that nobody measured: at most four decimals that are not zero at their head. */
    #[AsTwigFilter('asked_words')]
    public static function asked(string $typed): string
    {
        return (string) preg_replace_callback(
            '/\d+\.\d{5,}/',
            static fn (array $found): string => rtrim(rtrim(number_format((float) $found[0], 5, '.', ''), '0'), '.'),
            Paths::inWords($typed),
        );
    }

    /** The text with its first letter large; the rest as it stands, units and symbols with it. */
    #[AsTwigFilter('as_sentence')]
    public static function sentence(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** Number and unit as this person reads them. */
    #[AsTwigFilter('figure_words')]
    public function words(Result $result): string
    {
        if (null === $result->dimension || Dimension::Number === $result->dimension) {
            $unit = null === $result->unit || '' === $result->unit ? '' : ' '.$result->unit;

            return implode(' · ', array_map(self::plain(...), \is_array($result->value) ? $result->value : [$result->value])).$unit;
        }
        $dimension = $result->dimension;
        if (Dimension::Ratio === $dimension) {
            return implode(' ', array_map(self::digits(...), $result->si()));
        }

        return implode(
            ' + ',
            array_map(fn (float $si): string => $this->one($si, $dimension, $result->per, $result->unit ?? ''), $result->si()),
        );
    }

    /**
     * A result as it was kept, with its number and unit of then.
     *
     * @param array{value: mixed, unit?: string} $result
     */
    #[AsTwigFunction('figure_kept')]
    public static function kept(array $result): string
    {
        $values = \is_array($result['value']) ? $result['value'] : [$result['value']];
        $words = array_map(
            static fn (mixed $value): string => \is_bool($value) || \is_float($value) || \is_int($value) || \is_string($value)
                ? self::plain($value)
                : '',
            $values,
        );

        return trim(implode(' · ', $words).' '.($result['unit'] ?? ''));
    }

    private function one(float $si, Dimension $dimension, string $per, string $unit): string
    {
        $units = $this->person->units();
        if ('' !== $per) {
            // A rate of wear is small: thousands of hours or kilometres make it readable.
            $thou = UnitSystem::Inch === $units;

            return self::digits(
                Units::named($thou ? 'thou' : 'mm', $dimension)->fromSi($si * 1000)
            ).($thou ? ' thou/1000 ' : ' mm/1000 ').$per;
        }

        if (Dimension::Length === $dimension && 'm' === $unit) {
            // A head is read in metres or feet, whatever lengths are read in.
            $head = UnitSystem::Inch === $units ? 'ft' : 'm';

            return self::digits(Units::named($head, $dimension)->fromSi($si)).' '.$head;
        }

        return $units->show($si, $dimension);
    }

    private static function plain(float|int|string|bool $value): string
    {
        return match (true) {
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_float($value) => self::digits($value),
            default => (string) $value,
        };
    }

    /** Four digits that count. */
    private static function digits(float $value): string
    {
        if (0.0 === $value) {
            return '0';
        }
        $size = (int) floor(log10(abs($value)));
        if ($size < -6 || $size > 9) {
            return strtr(\sprintf('%.3e', $value), ['-' => '−']);
        }
        $text = number_format($value, max(0, 3 - $size), '.', '');

        return strtr(str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text, ['-' => '−']);
    }
}
