<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Hydraulics\LeakPath;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** Leak paths: `slot:w,h,L`, `annulus:d,h,L,ε`, `face:ri,ro,h,φ`, each value with its unit, `xN` for N alike. */
final readonly class Paths implements Takes
{
    public function words(): string
    {
        return 'paths slot:width,gap,length or annulus:diameter,gap,length,eccentricity or face:inner,outer,gap,angle, such as slot:25mm,0.04mm,8mmx2';
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $values = $echo = [];
        foreach (Items::of($text, $this->words()) as $item) {
            [$kind, $list] = Places::split($item->text, ':', $this->words());
            $values[] = new Leaks($this->path(mb_strtolower($kind), array_map(trim(...), explode(',', $list)), $item->typed), $item->times);
            $echo[] = $item->typed;
        }

        return new Taken($values, $echo);
    }

    /** @param list<string> $given */
    private function path(string $kind, array $given, string $typed): LeakPath
    {
        try {
            return match ($kind) {
                'slot' => LeakPath::slot(...$this->sizes($given, 3, 3, [self::size(...), self::gap(...), self::size(...)], $typed)),
                'annulus' => LeakPath::annulus(...$this->sizes($given, 3, 4, [self::size(...), self::gap(...), self::size(...), self::eccentricity(...)], $typed)),
                'face' => LeakPath::face(...$this->sizes($given, 3, 4, [self::size(...), self::size(...), self::gap(...), self::angle(...)], $typed)),
                default => throw new QuantityError(\sprintf('"%s" is no kind of path; expected %s.', mb_substr($kind, 0, 40), $this->words())),
            };
        } catch (QuantityError $error) {
            throw $error;
        } catch (\DomainException $error) {
            throw new QuantityError(\sprintf('"%s": %s', mb_substr($typed, 0, 80), $error->getMessage()));
        }
    }

    /**
     * @param list<string> $given
     * @param list<\Closure(string): Quantity> $readers
     *
     * @return list<Quantity>
     */
    private function sizes(array $given, int $least, int $most, array $readers, string $typed): array
    {
        if (\count($given) < $least || \count($given) > $most) {
            throw new QuantityError(\sprintf('"%s" has %d values; a comma parts them here, so decimals take a point. Expected %s.', mb_substr($typed, 0, 80), \count($given), $this->words()));
        }

        return array_map(static fn (string $text, int $i): Quantity => $readers[$i]($text), $given, array_keys($given));
    }

    private static function size(string $text): Quantity
    {
        return OneQuantity::read($text, Dimension::Length, Range::positive());
    }

    private static function gap(string $text): Quantity
    {
        return OneQuantity::read($text, Dimension::Length, Range::notNegative());
    }

    private static function eccentricity(string $text): Quantity
    {
        return OneQuantity::read($text, Dimension::Ratio, Range::share());
    }

    private static function angle(string $text): Quantity
    {
        return OneQuantity::read($text, Dimension::Angle, Range::sector());
    }
}
