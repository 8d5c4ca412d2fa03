<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Drawing;

use Japhrex\Core\Chain\Chain;
use Japhrex\Core\Chain\Ground\DebrisAct;
use Japhrex\Core\Chain\Ground\Reached;
use Japhrex\Core\Chain\Link;
use Japhrex\Core\Chain\Narrative;
use Japhrex\Core\Chain\Node;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\Step;
use Japhrex\Core\Drawing\Blank;
use Japhrex\Core\Drawing\DebrisRoad;
use Japhrex\Core\Drawing\HarmLine;
use Japhrex\Core\Drawing\HarmPath;
use Japhrex\Core\Drawing\UnitDrawing;
use Japhrex\Core\Family\CarrierKind;
use Japhrex\Tests\Books;
use PHPUnit\Framework\TestCase;

final class HarmPathTest extends TestCase
{
    private static function blank(): Blank
    {
        return Blank::of((new UnitDrawing(Books::book('external-gear-pump')))->exploded());
    }

    /** @param list<Node> $more */
    private static function path(array $more = []): HarmPath
    {
        return new HarmPath(self::blank(), self::steps($more));
    }

    /**
     * @param list<Node> $more
     *
     * @return list<Step>
     */
    private static function steps(array $more = []): array
    {
        return Narrative::of(new Chain([
            new Node('torn', NodeKind::Origin, 'Strainer torn at a hose change'),
            new Node('scored', NodeKind::Damage, 'Scored', 'rear-block/face', 1),
            new Node('worn', NodeKind::Damage, 'End face scored', 'drive-gear/end-face', 2),
            new Node('slow', NodeKind::Complaint, 'Low flow'),
            ...$more,
        ], [
            new Link('a', 'torn', 'scored', 'debris', CarrierKind::Oil),
            new Link('b', 'scored', 'worn', 'wear', CarrierKind::Touch),
            new Link('c', 'worn', 'slow', 'noticed', null),
        ]));
    }

    public function testEachStepHasItsNumberInTheOrderInWhichItIsToldAndEachLinkItsWay(): void
    {
        $svg = self::path()->svg();
        preg_match_all('~<title>(\d)\. ([^<]*)</title>~', $svg, $told);
        self::assertSame(['Strainer torn at a hose change', 'Scored', 'End face scored', 'Low flow'], $told[2]);
        self::assertSame(1, substr_count($svg, 'class="harm oil"'));
        self::assertSame(1, substr_count($svg, 'class="harm touch"'));
        self::assertSame(1, substr_count($svg, 'class="harm there"'), 'what no carrier brought');
    }

    public function testWhatHappenedAtNoPartStandsBesideThePartItLedToWithItsName(): void
    {
        $svg = self::path()->svg();
        self::assertStringContainsString('>Strainer torn at a hose change</text>', $svg);
        self::assertStringNotContainsString('>Scored</text>', $svg, 'the part under its number has its own name');
        [$x, $y] = self::blank()->spots['rear-block'];
        preg_match('~data-step="1"[^>]*><title>.*?<circle cx="([\d.]+)" cy="([\d.]+)"~', $svg, $disc);
        self::assertLessThan(100, hypot((float) ($disc[1] ?? 0) - $x, (float) ($disc[2] ?? 0) - $y));
    }

    public function testTwoStepsOnOnePartDoNotCoverEachOther(): void
    {
        $svg = self::path([new Node('hot', NodeKind::Damage, 'Heat tint', 'drive-gear/journal')])->svg();
        preg_match_all('~<circle cx="([\d.]+)" cy="([\d.]+)"~', $svg, $discs, \PREG_SET_ORDER);
        foreach ($discs as $i => $one) {
            foreach (\array_slice($discs, $i + 1) as $other) {
                self::assertGreaterThanOrEqual(22.0, hypot((float) $one[1] - (float) $other[1], (float) $one[2] - (float) $other[2]));
            }
        }
    }

    public function testAChainOfWhichNothingLiesOnTheUnitIsNotLaidOverIt(): void
    {
        $chain = new Chain([new Node('a', NodeKind::Origin, 'Fuel bad'), new Node('b', NodeKind::Complaint, 'Stalls')], []);
        self::assertFalse((new HarmPath(self::blank(), Narrative::of($chain)))->isSeen());
        self::assertTrue(self::path()->isSeen());
    }

    public function testWhatNothingCarriedIsNotDrawnAsIfOilHadCarriedIt(): void
    {
        $lines = [...array_map(HarmLine::of(...), CarrierKind::cases()), HarmLine::of(null)];
        $looks = array_map(static fn (HarmLine $one): string => $one->dashes.'|'.$one->width, $lines);
        self::assertCount(\count($lines), array_unique($looks), 'each is told from every other, also in black and white');
        $told = array_map(static fn (HarmLine $one): string => $one->label, HarmLine::legend(self::steps()));
        self::assertSame(['by the oil', 'by touch', 'no carrier named'], $told);
    }

    public function testDebrisGoesWithTheOilAndEachPlaceSaysWhetherItWasDealtWith(): void
    {
        $reached = [
            new Reached('suction-strainer', 'suction-strainer', DebrisAct::Replace, false),
            new Reached('body', 'suction-strainer', DebrisAct::TakeApart, false),
            new Reached('front-block', 'body', DebrisAct::TakeApart, true),
            new Reached('tank', 'body', DebrisAct::TakeApart, false),
        ];
        $road = (new DebrisRoad(self::blank(), $reached, ['body']))->svg();
        $svg = simplexml_load_string('<svg>'.$road.'</svg>') ?: self::fail('It is no SVG.');
        self::assertCount(2, $svg->xpath('//g[@class="harm oil"]') ?: [], 'from the strainer to the body, and on; the tank is not drawn');
        self::assertCount(1, $svg->xpath('//g[@class="harm oil"]/path[@stroke-dasharray]') ?: [], 'past a filter that held');
        $filled = array_map(strval(...), $svg->xpath('//g[@class="harm place"]/circle/@fill') ?: []);
        self::assertSame(['#ffffff', HarmLine::COLOUR, '#ffffff'], $filled, 'the body alone was dealt with');
        self::assertSame('', (new DebrisRoad(self::blank(), [], []))->svg());
    }
}
