<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Family;

use Japhrex\Core\Family\BookCheck;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\CarrierKind;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Family\PlaceMap;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BookTest extends TestCase
{
    public function testASoundBookHasNoProblems(): void
    {
        self::assertSame([], (new BookCheck())->problems(SmallBook::with()));
    }

    public function testPartsComeInTheOrderInWhichTheyLeaveTheUnit(): void
    {
        self::assertSame(
            ['lid', 'plunger', 'barrel'],
            array_map(static fn (Part $part): string => $part->key, SmallBook::with()->partsInStripOrder()),
        );
    }

    public function testAPartIsFoundByTheNameThatOthersUse(): void
    {
        self::assertSame('plunger', SmallBook::with()->find('PISTON')[0]->key);
    }

    public function testPlacesAreNamedForAReader(): void
    {
        self::assertSame('Plunger, skirt', SmallBook::with()->placeName('plunger/skirt'));
        self::assertFalse(SmallBook::with()->hasPlace('plunger/joint'));
    }

    public function testOfSeveralSourcesTheTighterCountsUntilOneIsChosen(): void
    {
        $book = SmallBook::with(['duties' => ['light' => 'Light duty'], 'parts/plunger/readings/diameter/limits' => [
            ['key' => 'shop', 'min' => '29.97 mm', 'max' => '30.02 mm', 'source' => 'shop rule'],
            ['key' => 'light', 'duty' => 'light', 'min' => '29.90 mm', 'source' => 'shop rule for light duty'],
        ]]);
        self::assertSame([], (new BookCheck())->problems($book));
        $field = $book->field('plunger/diameter');
        self::assertNotNull($field);
        self::assertTrue($field->isDisputed());
        $mm = static fn (?Limits $limits): array => [$limits?->new?->in('mm'), $limits?->min?->in('mm'), $limits?->max?->in('mm')];
        self::assertEqualsWithDelta([30.0, 29.97, 30.02], $mm($field->limits()), 1e-9);
        self::assertEqualsWithDelta([30.0, 29.95, null], $mm($field->limits('', 'book')), 1e-9);
        self::assertEqualsWithDelta([null, 29.90, null], $mm($field->limits('light')), 1e-9);
        self::assertFalse($field->isDisputed('light'));
        self::assertSame('Plunger, diameter', $book->fieldName('plunger/diameter'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is put in, what is said */
    public static function flaws(): iterable
    {
        yield 'carrier to nowhere' => [['carriers/2/to' => 'barrel/joint'], 'is no part or surface'];
        yield 'part that hangs loose' => [['parts/rope' => ['name' => 'Rope']], 'hangs loose'];
        yield 'part never taken off' => [['strip/2/removes' => []], 'no strip step takes it off'];
        yield 'part taken off twice' => [['strip/2/removes' => ['barrel', 'lid']], 'was taken off by step "lid" already'];
        yield 'step that waits for a later one' => [['strip/0/needs' => ['barrel']], 'stands later'];
        yield 'step that waits for none' => [['strip/1/needs' => ['cover']], 'there is no step "cover"'];
        yield 'trap without its facing' => [['strip/1/facing' => []], 'its facing is recorded'];
        yield 'hidden screw without help' => [['strip/0/stuck' => []], 'what to do when it is stuck'];
        yield 'reading without a limit' => [['parts/plunger/readings/diameter/min' => null], 'does not say why'];
        yield 'limit without a source' => [['parts/plunger/readings/diameter/source' => ''], 'without a source'];
        yield 'never reused, no reason' => [['parts/lid/reuse' => 'never'], 'does not say why'];
        yield 'a sense nobody has' => [['parts/lid/senses' => ['taste']], 'is no sense'];
        yield 'pair with a stranger' => [['pairs/0/parts' => ['plunger', 'rope']], 'there is no part "rope"'];
        yield 'oil that only goes round' => [['carriers/1/to' => 'barrel/bore'], 'only goes round'];
        yield 'a figure that nobody has' => [
            ['parts/plunger/readings/diameter/figure' => ['name' => 'luck', 'result' => 'x', 'fill' => []]],
            'there is no figure "luck"',
        ];
        yield 'a figure with a key it lacks' => [
            [
                'parts/plunger/readings/diameter/figure' => [
                    'name' => 'tip-clearance',
                    'result' => 'clearance',
                    'fill' => ['colour' => '1 mm'],
                ],
            ],
            'has no key "colour"',
        ];
        yield 'a figure fed by a reading that is not there' => [
            [
                'parts/plunger/readings/diameter/figure' => [
                    'name' => 'tip-clearance',
                    'result' => 'clearance',
                    'fill' => ['bore' => '{barrel/bore}'],
                ],
            ],
            '"barrel/bore" is no reading',
        ];
        yield 'a figure fed by a fact that no model has' => [
            [
                'parts/plunger/readings/diameter/figure' => [
                    'name' => 'tip-clearance',
                    'result' => 'clearance',
                    'fill' => ['bore' => '{model:bore}'],
                ],
            ],
            'no model of this book has the fact "bore"',
        ];
        yield 'a sum that cannot be read' => [
            [
                'parts/plunger/readings/diameter/figure' => [
                    'name' => 'tip-clearance',
                    'result' => 'clearance',
                    'fill' => ['bore' => '{plunger/diameter * 2}'],
                ],
            ],
            'cannot be read',
        ];
        yield 'reading without a gauge' => [['parts/plunger/readings/diameter/gauge' => null], 'with what is it measured'];
        yield 'limit for a duty that is not there' => [
            ['parts/plunger/readings/diameter/limits' => [['key' => 'light', 'max' => '31 mm', 'source' => 'x', 'duty' => 'light']]],
            'there is no duty "light"',
        ];
        yield 'two limits of one name' => [
            ['parts/plunger/readings/diameter/limits' => [['key' => 'book', 'min' => '29.94 mm', 'source' => 'x']]],
            'two limits are called "book"',
        ];
        yield 'limits that leave nothing' => [
            ['parts/plunger/readings/diameter/limits' => [['key' => 'other', 'max' => '29.9 mm', 'source' => 'x']]],
            'allow no size at all',
        ];
        yield 'a part of no kind' => [['parts/lid/kind' => []], 'what is it, and what does it do?'];
        yield 'a complaint that hangs on nothing' => [['complaints/no-water/parts' => []], 'on which parts does it hang?'];
        yield 'a complaint that hangs on what is not there' => [['complaints/no-water/parts' => ['valve']], 'there is no part "valve"'];
        yield 'an adjuster that is none' => [['strip/1/adjusters' => ['plunger/diameter']], 'marked as an adjuster'];
        yield 'a leak through nothing' => [
            [
                'leaks' => [
                    'facts' => ['needed' => '60 bar'],
                    'explains' => ['weak'],
                    'routes' => [['name' => 'x', 'path' => 'hole:{gap}', 'new' => '0.02 mm', 'found' => '0.02 mm']],
                ],
            ],
            'expected',
        ];
        yield 'a leak that explains an unknown complaint' => [
            ['leaks' => ['facts' => ['needed' => '60 bar'], 'explains' => ['sadness'], 'routes' => []]],
            'there is no complaint "sadness"',
        ];
        yield 'a circuit that a new one cannot feed' => [
            [
                'models' => [['maker' => 'Halvorsund', 'model' => 'X', 'facts' => ['displacement' => '10 cc/rev']]],
                'leaks' => [
                    'facts' => [
                        'needed' => '60 bar',
                        'idle' => '700 rpm',
                        'working' => '1500 rpm',
                        'cold' => '20 C',
                        'hot' => '80 C',
                        'v40' => '46 cSt',
                        'v100' => '6.8 cSt',
                        'density' => '870 kg/m3',
                        'demand' => '5 mm',
                        'relief' => '100 bar',
                    ],
                    'explains' => ['weak'],
                    'routes' => [['name' => 'x', 'path' => 'slot:10 mm,{gap},5 mm', 'new' => '0.02 mm', 'found' => '{plunger/diameter}']],
                ],
            ],
            'a new Halvorsund X would miss what is needed',
        ];
        yield 'a play that is no reading' => [
            ['settings' => [['what' => 'Play', 'value' => '0.1 mm to 0.2 mm', 'reads' => 'barrel/play']]],
            'there is no reading "barrel/play"',
        ];
        yield 'set after a step that is not there' => [
            ['settings' => [['what' => 'Play', 'value' => '0.1 mm to 0.2 mm', 'after' => 'cover']]],
            'there is no strip step "cover"',
        ];
        yield 'a proof with limits of two kinds' => [
            [
                'proof' => [
                    ['step' => 'Pressure', 'expect' => 'Held.', 'reads' => [['what' => 'Idle', 'least' => '4 bar', 'most' => '6 mm']]],
                ],
            ],
            '6 mm',
        ];
        yield 'a proof whose limits allow nothing' => [
            [
                'proof' => [
                    ['step' => 'Pressure', 'expect' => 'Held.', 'reads' => [['what' => 'Idle', 'least' => '6 bar', 'most' => '4 bar']]],
                ],
            ],
            'is above the largest',
        ];
        yield 'a power control without its power' => [
            [
                'proof' => [
                    [
                        'step' => 'Power',
                        'expect' => 'Held.',
                        'reads' => [['what' => 'Points', 'curve' => ['power' => '15 bar', 'overall' => '85 %', 'tolerance' => '5 %']]],
                    ],
                ],
            ],
            '15 bar',
        ];
        yield 'no oil' => [['carriers/0/kind' => 'touch', 'carriers/1/kind' => 'touch'], 'no oil'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('flaws')]
    public function testAValidatorThatKnowsTheTradeSeesTheFlaw(array $changes, string $says): void
    {
        $said = implode(
            "\n",
            array_map(static fn ($problem): string => $problem->message, (new BookCheck())->problems(SmallBook::with($changes))),
        );
        self::assertStringContainsString($says, $said);
    }

    public function testALimitThatIsNoLengthNamesItsPlace(): void
    {
        try {
            SmallBook::with(['parts/plunger/readings/diameter/min' => '29.95 bar']);
            self::fail('A bar is no length.');
        } catch (BookError $error) {
            self::assertSame('parts/plunger/readings/diameter/min', $error->path);
            self::assertStringContainsString('no unit of length', $error->getMessage());
        }
    }

    public function testOilGoesOnThroughTheUnitInItsDirectionOnly(): void
    {
        $map = new PlaceMap(SmallBook::with());
        self::assertTrue($map->joins(CarrierKind::Oil, 'barrel/bore', 'lid'));
        self::assertFalse($map->joins(CarrierKind::Oil, 'lid', 'barrel'));
    }

    public function testTouchWorksBothWaysButNotAcrossAPart(): void
    {
        $map = new PlaceMap(SmallBook::with(['carriers/3' => ['kind' => 'touch', 'from' => 'lid', 'to' => 'barrel']]));
        self::assertTrue($map->joins(CarrierKind::Touch, 'barrel/bore', 'plunger/skirt'));
        self::assertFalse($map->joins(CarrierKind::Touch, 'plunger', 'lid'));
        self::assertSame([CarrierKind::Oil], $map->kindsBetween('plunger', 'lid'));
    }

    public function testTheKindsOfDamageThatABookMayNameAreThoseOfTheCatalogue(): void
    {
        /** @var array{'$defs': array{mode: array{enum: list<string>}}} $schema */
        $schema = json_decode(
            (string) file_get_contents(__DIR__.'/../../../books/schema/book.schema.json'),
            true,
            flags: \JSON_THROW_ON_ERROR,
        );
        self::assertSame(
            array_keys(Books::modes()->modes),
            $schema['$defs']['mode']['enum'],
        );
    }
}
