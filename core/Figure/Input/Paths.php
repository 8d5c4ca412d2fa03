<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Hydraulics\HydraulicsError;
use Japhrex\Core\Hydraulics\LeakPath;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** Leak paths: `slot:w,h,L`, `annulus:d,h,L,ε`, `face:ri,ro,h,φ`, each value with its unit, `xN` for N alike. */
final readonly class Paths implements Takes
{
    public function words(): string
    {
        return 'paths slot:width,gap,length or annulus:diameter,gap,length,eccentricity or face:inner,outer,gap,angle, such as '
            .'slot:25mm,0.04mm,8mmx2';
    }

    /** Paths as typed, in words: "4 slots 30 mm wide, 10 mm long, gap 0.015 mm"; any other text as it is. */
    public static function inWords(string $typed): string
    {
        if (1 !== preg_match('/^(slot|annulus|face):/', $typed)) {
            return $typed;
        }

        return implode('; ', array_map(static function (string $one): string {
            preg_match('/^(\w+):(.*?)(?:\s*[x×](\d+))?$/u', trim($one), $parts);
            [$kind, $v, $times] = [$parts[1] ?? '', array_map(trim(...), explode(',', $parts[2] ?? '')), (int) ($parts[3] ?? 1)];
            $many = static fn (string $single, string $several): string => 1 === $times ? '1 '.$single : $times.' '.$several;

            return match ($kind) {
                'slot' => \sprintf('%s %s wide, %s long, gap %s', $many('slot', 'slots'), $v[0], $v[2] ?? '', $v[1] ?? ''),
                'annulus' => \sprintf(
                    '%s of %s, %s long, gap %s%s',
                    $many('ring gap', 'ring gaps'),
                    $v[0],
                    $v[2] ?? '',
                    $v[1] ?? '',
                    isset($v[3]) ? ', eccentricity '.$v[3] : '',
                ),
                'face' => \sprintf(
                    '%s from %s to %s, gap %s%s',
                    $many('face', 'faces'),
                    $v[0],
                    $v[1] ?? '',
                    $v[2] ?? '',
                    isset($v[3]) ? ', over '.$v[3] : '',
                ),
                default => $one,
            };
        }, explode(';', $typed)));
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
                'annulus' => LeakPath::annulus(
                    ...$this->sizes($given, 3, 4, [self::size(...), self::gap(...), self::size(...), self::eccentricity(...)], $typed)
                ),
                'face' => LeakPath::face(
                    ...$this->sizes($given, 3, 4, [self::size(...), self::size(...), self::gap(...), self::angle(...)], $typed)
                ),
                default => throw new QuantityError(
                    \sprintf('"%s" is no kind of path; expected %s.', mb_substr($kind, 0, 40), $this->words())
                ),
            };
        } catch (QuantityError $error) {
            throw $error;
        } catch (HydraulicsError $error) {
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
            throw new QuantityError(
                \sprintf(
                    '"%s" has %d values; a comma parts them here, so decimals take a point. Expected %s.',
                    mb_substr($typed, 0, 80),
                    \count($given),
                    $this->words(),
                )
            );
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
