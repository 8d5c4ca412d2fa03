<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Figure;

use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Figure\Fill\Expression;
use Japhrex\Core\Figure\Fill\Fill;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Figure\Fill\Known;
use Japhrex\Core\Figure\Fill\Sources;
use Japhrex\Core\Quantity\Dimension;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Figures filled from what a case knows, and sizes worked out with their uncertainty. */
final class FillTest extends TestCase
{
    /** @param array<string, array{float, float}> $sizes in mm: value and standard uncertainty */
    private static function sources(array $sizes): Sources
    {
        return new class($sizes) implements Sources {
            /** @param array<string, array{float, float}> $sizes */
            public function __construct(private readonly array $sizes)
            {
            }

            public function known(string $reference): ?Known
            {
                if ('model:teeth' === $reference) {
                    return new Known(12.0, 0.0, Dimension::Number, '', 'teeth', '12');
                }
                $size = $this->sizes[$reference] ?? null;

                return null === $size ? null : new Known($size[0] * 1e-3, $size[1] * 1e-3, Dimension::Length, 'mm', $reference);
            }
        };
    }

    public function testReadingsAreAddedTakenAwayAndDivided(): void
    {
        $sources = self::sources(['a/bore' => [20.063, 0], 'b/journal' => [19.971, 0]]);
        self::assertSame('0.046 mm', Expression::of('a/bore - b/journal / 2')->text($sources));
        self::assertSame('40.034 mm', Expression::of('a/bore + b/journal')->text($sources));
        self::assertSame('12', Expression::of('model:teeth')->text($sources));
        self::assertSame('10.0375 mm', Expression::of('0.012 mm + a/bore / 2')->text($sources));
        self::assertSame(['a/bore'], Expression::of('0.012 mm + a/bore / 2')->references());
        self::assertNull(Expression::of('a/bore - c/nobody')->text($sources));
        self::assertSame(['a/bore', 'b/journal'], Expression::of('a/bore - b/journal / 2')->references());
    }

    #[DataProvider('unreadable')]
    public function testWhatCannotBeReadIsRefused(string $text): void
    {
        $this->expectException(\DomainException::class);
        Expression::of($text);
    }

    /** @return iterable<array{string}> */
    public static function unreadable(): iterable
    {
        yield [''];
        yield ['bore'];
        yield ['a/bore * b/journal'];
        yield ['a/bore / 0'];
        yield ['a/bore -'];
    }

    public function testAKeyWithSomethingUnknownInItIsLeftOutAndTheRestFilled(): void
    {
        $fill = new Fill(
            'worn-pump',
            ['paths' => 'slot:26 mm,{a/gap},4 mm x2;annulus:20 mm,{b/gap},18 mm', 'speed' => '700 rpm', 'at' => '{x/y}'],
        );
        self::assertSame(
            ['paths' => 'slot:26 mm,0.05 mm,4 mm x2;annulus:20 mm,0.02 mm,18 mm', 'speed' => '700 rpm'],
            (new Filler(new FigureRegistry()))->typed($fill, self::sources(['a/gap' => [0.05, 0], 'b/gap' => [0.02, 0]])),
        );
        self::assertSame(['a/gap', 'b/gap', 'x/y'], $fill->references());
    }

    public function testTheUncertaintyOfASizeWorkedOutIsThatOfItsReadings(): void
    {
        $fill = new Fill('tip-clearance', ['bore' => '{body/bore}', 'tip-diameter' => '{gear/tip}'], 'clearance');
        $derived = (new Filler(new FigureRegistry()))->derive(
            $fill,
            self::sources(['body/bore' => [45.08, 0.006], 'gear/tip' => [44.96, 0.008]]),
        );
        // (45.08 − 44.96)/2; each reading counts half: √(0.003² + 0.004²) = 0.005.
        self::assertEqualsWithDelta(0.06e-3, $derived->size?->x, 1e-12);
        self::assertEqualsWithDelta(0.005e-3, $derived->size?->u, 1e-11);
        self::assertSame(['body/bore', 'gear/tip'], array_map(static fn (Known $known): string => $known->name, $derived->from));
    }

    public function testAReadingThatCountsTwiceMovesBothTimes(): void
    {
        $fill = new Fill(
            'side-clearance',
            ['pocket-depth' => '{body/depth - a/block - a/block}', 'gear-thickness' => '26 mm'],
            'clearance',
        );
        $derived = (new Filler(new FigureRegistry()))->derive(
            $fill,
            self::sources(['body/depth' => [74.06, 0], 'a/block' => [24.0, 0.002]]),
        );
        self::assertEqualsWithDelta(0.004e-3, $derived->size?->u, 1e-11);
    }

    public function testWhatIsMissingOrWrongIsSaid(): void
    {
        $filler = new Filler(new FigureRegistry());
        $fill = new Fill('side-clearance', ['pocket-depth' => '{a/depth}', 'gear-thickness' => '{b/width}'], 'clearance');
        self::assertSame(['b/width'], $filler->derive($fill, self::sources(['a/depth' => [26.0, 0]]))->missing);
        $proud = $filler->derive($fill, self::sources(['a/depth' => [25.9, 0], 'b/width' => [26.0, 0]]));
        self::assertNull($proud->size);
        self::assertStringContainsString('proud', $proud->wrong);
        $none = $filler->derive(
            new Fill('side-clearance', $fill->keys, 'colour'),
            self::sources(['a/depth' => [26.1, 0], 'b/width' => [26.0, 0]]),
        );
        self::assertStringContainsString('gives no "colour"', $none->wrong);
    }
}
