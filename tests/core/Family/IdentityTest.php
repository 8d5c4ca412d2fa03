<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Family;

use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookVariants;
use Japhrex\Core\Family\Identity\DisplacementCheck;
use Japhrex\Core\Family\Identity\Feature;
use Japhrex\Core\Family\Identity\IdentityError;
use Japhrex\Core\Family\Identity\Ranking;
use Japhrex\Core\Family\Identity\Value;
use Japhrex\Core\Family\Identity\Wear;
use Japhrex\Core\Family\Model;
use Japhrex\Core\Family\PlaceMap;
use Japhrex\Core\Family\UnitIs;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A unit is told by what lies on the bench: sizes, counts, what is seen inside; the plate is one witness among others. */
final class IdentityTest extends TestCase
{
    private static function width(): Feature
    {
        return new Feature('gear-width', 'Gear width', 'gear width', 'Calliper.', Dimension::Length, wears: Wear::Smaller, by: 1e-4);
    }

    /** @return list<Model> */
    private static function wideAndNarrow(): array
    {
        return [new Model('Vintrey', 'G28', ['gear width' => '26 mm']), new Model('Vintrey', 'G17', ['gear width' => '15 mm'])];
    }

    public function testASizeTellsByHowOftenItIsFoundInEachModel(): void
    {
        $seen = ['gear-width' => self::width()->value('26.00 mm')];
        $ranked = (new Ranking(['gear-width' => self::width()], self::wideAndNarrow()))->of($seen);
        // By hand: σ² = (0.01/√12)² + (0.002·26)² mm², σ = 0.05208; wear 0 to 0.10: (Φ(0) − Φ(−1.920))/0.10 = 4.726 a mm;
        // anywhere within a factor two: 1/(26·ln 4) = 0.02774. 0.98·4.726 + 0.02·0.02774 = 4.632; the narrow one 0.000555.
        self::assertSame(['Vintrey G28', 'none of these', 'Vintrey G17'], array_map(static fn ($one): string => $one->name(), $ranked));
        self::assertEqualsWithDelta(4.632 / (4.632 + 0.02774 + 0.000555), $ranked[0]->share, 2e-4);
        self::assertSame('26.00 mm against 15 mm: 11 mm too large', $ranked[2]->against()[0]->says());
    }

    public function testThePlateIsOneWitnessAndOverruledByThePartsButNotByNothing(): void
    {
        $ranking = new Ranking(['gear-width' => self::width()], self::wideAndNarrow());
        self::assertSame('Vintrey G17', $ranking->of([], 'Vintrey G17')[0]->name());
        self::assertSame('Vintrey G28', $ranking->of(['gear-width' => self::width()->value('25.95 mm')], 'Vintrey G17')[0]->name());
        self::assertSame('none of these', $ranking->of(['gear-width' => self::width()->value('19.0 mm')], 'Vintrey G17')[0]->name());
    }

    public function testWearMovesASizeOneWayOnly(): void
    {
        $width = self::width();
        $ranking = new Ranking(['gear-width' => $width], [new Model('', 'X', ['gear width' => '26.000 mm'])]);
        $fits = static fn (string $typed): ?bool => $ranking
            ->of(['gear-width' => $width->value($typed)])[0]->fits[0]->agrees ?? null;
        // Worn by the whole allowance it still fits; as much too large it does not.
        self::assertTrue($fits('25.90 mm'));
        self::assertNotTrue($fits('26.25 mm'));
    }

    public function testACountOrWordsThatDifferSpeakAgainstAndWhatABookDoesNotSaySpeaksNeitherWay(): void
    {
        $features = [
            'pinions' => new Feature('pinions', 'Pinions', 'pinions', 'Count.', Dimension::Number),
            'ring' => new Feature('ring', 'Stator ring', 'ring', 'Look.', options: ['with a ring', 'without']),
        ];
        $models = [
            new Model('', 'A', ['pinions' => '4', 'ring' => 'with a ring']),
            new Model('', 'B', ['pinions' => '3', 'ring' => 'without']),
            new Model('', 'C', ['pinions' => '4']),
        ];
        $seen = ['pinions' => $features['pinions']->value('4'), 'ring' => new Value('With a ring')];
        $ranked = (new Ranking($features, $models))->of($seen);
        self::assertSame(['A', 'C', 'none of these', 'B'], array_map(static fn ($one): string => trim($one->name()), $ranked));
        self::assertSame('4 against 3: 1 too many', $ranked[3]->against()[0]->says());
        self::assertCount(1, $ranked[1]->for());
    }

    /** @return iterable<string, array{Dimension, string, string}> */
    public static function notAValue(): iterable
    {
        yield 'a size without unit' => [
            Dimension::Length,
            '26',
            '"26" is no length; expected a number above nought with its unit, as 26.0 mm.',
        ];
        yield 'a half tooth' => [Dimension::Number, '11.5', '"11.5" is no count; expected a whole number, as 12.'];
    }

    #[DataProvider('notAValue')]
    public function testWhatIsNoValueIsRefusedWithWhatWouldBeRight(Dimension $dimension, string $typed, string $says): void
    {
        $this->expectExceptionMessage($says);
        $this->expectException(IdentityError::class);
        (new Feature('gear-width', 'Gear width', 'gear width', 'Calliper.', $dimension))->value($typed);
    }

    public function testAMissingStrokeStopMakesABiggerPump(): void
    {
        $book = self::bookOf('axial-piston-pump', 'axial-piston-pump');
        $identity = $book->identity;
        self::assertNotNull($identity->displacement);
        $plate = Quantity::parse('71 cm3/rev', Dimension::Displacement);
        $check = static fn (string $angle): ?DisplacementCheck => DisplacementCheck::of(
            $identity->displacement,
            $identity->features,
            ['swash-angle' => $identity->features['swash-angle']->value($angle)],
            $book->model('Halvorsund AV 71'),
            $plate,
            new Filler(new FigureRegistry()),
        );
        // By hand: 9·(π/4)·2²·8.8·tan 19° = 85.67 cm³; at 16° 71.35 cm³.
        self::assertEqualsWithDelta(85.67e-6, $check('19 deg')->moves->x ?? 0, 1e-8);
        self::assertTrue($check('19 deg')?->isOff());
        self::assertEqualsWithDelta(0.207, $check('19 deg')->by(), 1e-3);
        self::assertSame('21 % more', $check('19 deg')->says());
        self::assertStringContainsString('stroke limiter', $check('19 deg')->look);
        self::assertFalse($check('16 deg')?->isOff());
        self::assertSame(['Swash angle'], $check('16 deg')->measured);
    }

    private static function bookOf(string $file, string $key, ?UnitIs $unit = null): Book
    {
        $types = Books::types($file);
        $content = $types[$key] ?? $types[array_key_first($types)];
        $whole = (new BookFactory())->book($content);

        return null === $unit ? $whole : (new BookFactory())->book(BookVariants::of($content, $unit));
    }

    public function testLimitsFollowTheModelAndStayOpenWhereNobodyKnowsIt(): void
    {
        $least = static fn (string $model): string => self::bookOf('external-gear-pump', 'external-gear-pump', new UnitIs($model))
            ->parts['drive-gear']->fields['thickness']->sets[0]->limits->min?->in('mm').'';
        // 0.035 mm below the width when new: 26, 23 and 15 mm.
        self::assertSame('25.965', $least('Vintrey G28'));
        self::assertSame('22.965', $least('Dunmarrow P-25'));
        self::assertSame('14.965', $least('Vintrey G17'));
        $unknown = self::bookOf('external-gear-pump', 'external-gear-pump', new UnitIs('Oddmoor 7'));
        $field = $unknown->parts['drive-gear']->fields['thickness'];
        self::assertSame([], $field->sets);
        self::assertStringContainsString('say at intake which it is', $field->whyNoLimit);
    }

    public function testAVariantHasNoPartOfAnotherAndItsStepsCloseUp(): void
    {
        $key = 'distributor-injection-pump';
        $of = static fn (array $chosen): Book => self::bookOf($key, $key, new UnitIs(chosen: $chosen));
        self::assertArrayHasKey('governor-weights', $of([])->parts);
        self::assertArrayHasKey('governor-weights', $of(['governor' => 'mechanical'])->parts);
        $electric = $of(['governor' => 'electric']);
        self::assertArrayNotHasKey('governor-weights', $electric->parts);
        foreach ($electric->strip as $step) {
            self::assertNotContains('governor-weights', $step->removes);
            self::assertSame([], array_diff($step->needs, array_keys($electric->strip)));
        }
        foreach ($electric->carriers as $carrier) {
            self::assertTrue($electric->hasPlace($carrier->from) && $electric->hasPlace($carrier->to));
        }
    }

    public function testEachStageOfAStackIsAPartOfItsOwnAndAStackHasAsManyAsItsModel(): void
    {
        $stages = static fn (string $model): array => array_values(array_filter(
            array_keys(self::bookOf('stacked-gear-pump', 'stacked-gear-pump', new UnitIs($model))->parts),
            static fn (string $part): bool => str_contains($part, 'scavenge-gears'),
        ));
        // The S3 has three stages, one of them pressure; the OS 4 has four.
        self::assertSame(['scavenge-gears', 'scavenge-gears-3'], $stages('Dunmarrow S3'));
        self::assertSame(['scavenge-gears', 'scavenge-gears-3', 'scavenge-gears-4'], $stages('Pellam OS 4'));
        $held = self::bookOf('stacked-gear-pump', 'stacked-gear-pump', new UnitIs('Dunmarrow S3'));
        self::assertSame([], array_filter($held->strip, static fn ($step): bool => \in_array('scavenge-gears-4', $step->removes, true)));
    }

    public function testThePathOfTheOilFromAPartNamesTheFiltersThatShouldHaveHeldAPiece(): void
    {
        $map = new PlaceMap(self::bookOf('stacked-gear-pump', 'stacked-gear-pump', new UnitIs('Dunmarrow S3')));
        $filters = static fn (string $from, string $to): array => array_values(array_filter(
            array_map(static fn ($one): string => $one->filter, $map->oilWay($from, $to)),
        ));
        self::assertSame(['coarse mesh'], $filters('chip-plugs', 'scavenge-gears'));
        self::assertSame([], $map->oilWay('shaft-seal', 'pressure-gears'), 'no oil leads from the seal back into the pump');
    }
}
