<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Circumstances;
use Japhrex\Core\Chain\Ground\ComplaintFact;
use Japhrex\Core\Chain\Ground\Evidence;
use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Chain\Ground\NamedOrigin;
use Japhrex\Core\Chain\Ground\Rivals;
use Japhrex\Core\Chain\Ground\Shortlist;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Mechanism\OriginWords;
use Japhrex\Core\Chain\Mechanism\Vocabulary;
use Japhrex\Core\Chain\Mechanism\Weights;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Family\Data;
use Japhrex\Tests\Books;
use PHPUnit\Framework\TestCase;

/** Alternatives that an analyst has to exclude, and what the circumstances of a complaint say. */
final class RivalsTest extends TestCase
{
    /**
     * @param list<string> $explains
     * @param list<string> $contradicts
     */
    private static function candidate(string $key, float $share, array $explains = ['a'], array $contradicts = []): Candidate
    {
        return new Candidate(new Spot('origin', $key, null, $key, 0.01), $share, [], [], $explains, [], $contradicts, [], part: $share);
    }

    /**
     * @param list<Candidate> $candidates
     * @param list<string> $named
     * @param list<string> $excluded
     *
     * @return list<string>
     */
    private static function rivals(array $candidates, array $named, array $excluded = []): array
    {
        return array_map(static fn (Candidate $one): string => $one->origin->key, Rivals::of($candidates, $named, $excluded));
    }

    public function testAnAlternativeHasAtLeastAThirdOfTheShareAndNothingExcludesIt(): void
    {
        $candidates = [
            self::candidate('dirt', 0.45), self::candidate('water', 0.30), self::candidate('heat', 0.16), self::candidate('air', 0.14),
            self::candidate('load', 0.40, contradicts: ['key']), self::candidate('wear', 0.40, explains: []),
        ];
        self::assertSame(
            ['water', 'heat'],
            self::rivals($candidates, ['origin:dirt']),
            'a third of 0.45 is 0.15; a clean look excludes one, another explains nothing',
        );
        self::assertSame(['heat'], self::rivals($candidates, ['origin:dirt'], ['origin:water']), 'refused with a reason');
        self::assertSame(
            ['heat'],
            self::rivals($candidates, ['origin:dirt', 'origin:water']),
            'two origins are two causes, the larger share counts',
        );
        self::assertSame(
            ['dirt', 'water', 'heat', 'air'],
            self::rivals($candidates, ['origin:something of their own']),
            'an origin that the engine does not know',
        );
    }

    public function testWhereEvenTheFirstIsHardlyLikelyOrExplainsNothingTheCaseIsUndetermined(): void
    {
        $is = static fn (Candidate ...$candidates): bool => Shortlist::isUndetermined(array_values($candidates));
        self::assertTrue($is());
        self::assertTrue($is(self::candidate('dirt', 0.0999)));
        self::assertFalse($is(self::candidate('dirt', 0.1)), 'one in ten is enough');
        self::assertTrue($is(self::candidate('dirt', 0.9, explains: [])));
        $told = static fn (float $share): int => \count(
            Shortlist::worthTelling([self::candidate('dirt', 0.9), self::candidate('water', $share)]),
        );
        self::assertSame([1, 2], [$told(0.0199), $told(0.02)], 'one in fifty is told');
    }

    public function testAnOriginInTheAnalystsWordsMeansTheLikeliestOfItsKindAtItsPart(): void
    {
        $at = static fn (string $key, ?string $place): Candidate => new Candidate(
            new Spot('origin', $key, $place, $key, 0.01),
            0.2,
            [],
            [],
            ['a'],
            [],
            [],
            [],
        );
        $candidates = [$at('seam', 'gear'), $at('dirt', null), $at('seam', 'strainer')];
        $kinds = ['seam' => OriginKind::PartDefect, 'dirt' => OriginKind::Contamination];
        $vocabulary = new Vocabulary(
            [],
            array_map(
                static fn (OriginKind $kind): OriginWords => new OriginWords('x', 'x', 'part', $kind, 0.1, []),
                $kinds,
            ),
            [],
            [],
            [],
            [],
            [],
            self::weights(),
        );
        $means = static fn (?string $spot, ?OriginKind $kind, ?string $place): array => Rivals::named(
            [new NamedOrigin($spot, $kind, $place)],
            $candidates,
            $vocabulary,
            ['origin:dirt'],
        );
        self::assertSame(['origin:seam@strainer'], $means(null, OriginKind::PartDefect, 'strainer/mesh'));
        self::assertSame(['origin:seam@gear'], $means(null, OriginKind::PartDefect, null));
        self::assertSame(['origin:dirt'], $means('origin:dirt', OriginKind::PartDefect, null), 'what it was made of counts first');
        self::assertSame(
            ['origin:dirt'],
            $means('origin:gone', OriginKind::Contamination, 'gear'),
            'a condition that the book no longer knows says nothing',
        );
        self::assertSame([], $means(null, OriginKind::DesignWeakness, null));
    }

    private static function weights(): Weights
    {
        return Weights::of(new Data(Books::file('mechanisms/conditions')));
    }

    public function testThinOilLeaksAndThickOilStarves(): void
    {
        $said = static function (?bool ...$when): array {
            $told = [];
            foreach (Circumstances::evidence(new Facts([], [new ComplaintFact('low-flow', ...$when)], []), self::weights()) as $one) {
                $told[$one->spot] = $one->speaksFor();
            }

            return $told;
        };
        self::assertSame(['state:leakage' => true], $said(hot: true));
        self::assertSame(['state:leakage' => false, 'state:starved' => true], $said(hot: false));
        self::assertSame(['state:leakage' => true], $said(fast: false), 'at idle the pump makes little and the gap lets as much by');
        self::assertTrue($said(fast: true)['state:starved'], 'a suction starves at speed');
        self::assertSame(['state:leakage' => true], $said(loaded: true), 'the gap lets by with the pressure');
        self::assertSame([], $said(), 'nobody said');
    }

    public function testTwoCircumstancesOfOneConditionCountTogether(): void
    {
        $both = (new Evidence('state:leakage', 0.3, 0.9, 'only at idle'))->and(new Evidence('state:leakage', 0.25, 0.9, 'only when hot'));
        self::assertEqualsWithDelta(0.075, $both->ifFalse, 1e-12);
        self::assertEqualsWithDelta(0.81, $both->ifTrue, 1e-12);
        self::assertSame('only when hot, only at idle', $both->said);
    }

    public function testWhatHandsLeftBehindShowsSoonAfterTheRepair(): void
    {
        $factor = static fn (?float $hours, OriginKind $kind): float => Circumstances::factor(
            new Facts([], [], [], sinceRepair: $hours),
            self::weights(),
            $kind,
        );
        // Fresh up to 100 h: 2.5 times; proven from 2000 h on: a tenth; between, evenly with the logarithm:
        // 2.5 · 0.04^(ln 5 / ln 20) = 2.5 · 0.04^0.53724 = 0.4435 at 500 h.
        self::assertEqualsWithDelta(2.5, $factor(100.0, OriginKind::AssemblyError), 1e-9);
        self::assertEqualsWithDelta(0.1, $factor(2000.0, OriginKind::AssemblyError), 1e-9);
        self::assertEqualsWithDelta(0.4435, $factor(500.0, OriginKind::AssemblyError), 5e-5);
        self::assertEqualsWithDelta(0.1, $factor(6000.0, OriginKind::AssemblyError), 1e-9);
        // In the first two hours 8 times; from there to 100 h evenly with the logarithm:
        // 2.5 · 3.2^(ln 5 / ln 50) = 2.5 · 3.2^0.41141 = 4.034 at 20 h.
        self::assertEqualsWithDelta(8.0, $factor(0.0, OriginKind::AssemblyError), 1e-9);
        self::assertEqualsWithDelta(8.0, $factor(2.0, OriginKind::AssemblyError), 1e-9);
        self::assertEqualsWithDelta(4.034, $factor(20.0, OriginKind::AssemblyError), 5e-4);
        self::assertSame(1.5, $factor(99.9, OriginKind::PartDefect), 'new parts fail early');
        self::assertSame(1.0, $factor(100.0, OriginKind::PartDefect));
        self::assertSame(1.0, $factor(20.0, OriginKind::Contamination));
        self::assertSame(1.0, $factor(null, OriginKind::AssemblyError));
    }

    public function testWhatShowsAtTheFirstTurnIsNotTheCauseHoursLater(): void
    {
        $left = static fn (?float $hours): float => Circumstances::atOnce(
            new Facts([], [], [], sinceRepair: $hours),
            self::weights(),
        );
        self::assertSame([1.0, 1.0, 0.1], [$left(null), $left(2.0), $left(2.1)]);
    }

    public function testWearTakesItsHoursAndWhatHandsDidShowsBeforeASuddenEnd(): void
    {
        $factor = static fn (float $hours, OriginKind $kind, ?bool $sudden = null): float => Circumstances::factor(
            new Facts([], [new ComplaintFact('low-flow', $sudden)], [], hours: $hours),
            self::weights(),
            $kind,
        );
        self::assertEqualsWithDelta(0.15, $factor(999.0, OriginKind::WearOut), 1e-9);
        self::assertEqualsWithDelta(1.0, $factor(1000.0, OriginKind::WearOut), 1e-9);
        self::assertEqualsWithDelta(1.0, $factor(5000.0, OriginKind::WearOut), 1e-9);
        self::assertEqualsWithDelta(2.5, $factor(5001.0, OriginKind::WearOut), 1e-9);
        self::assertLessThanOrEqual(1.0, $factor(20.0, OriginKind::AssemblyError), 'a new unit, and nobody was inside');
        self::assertEqualsWithDelta(
            0.4 * $factor(900.0, OriginKind::AssemblyError),
            $factor(900.0, OriginKind::AssemblyError, true),
            1e-9,
            'it ran well, then came on from one hour to the next',
        );
    }

    /** What one story tells: the likely one, though one look speaks against it, before a rare one that tells a find more. */
    public function testTheSingleStoryIsTheLikeliestOfThoseThatTellMost(): void
    {
        $dirt = self::candidate('dirt', 0.93, ['a', 'b', 'c'], ['d']);
        $rare = self::candidate('rare', 0.22, ['a', 'b', 'c', 'e']);
        $part = self::candidate('part', 0.95, ['a']);
        self::assertSame($dirt, Shortlist::singleStory([$part, $dirt, $rare]));
        self::assertNull(Shortlist::singleStory([self::candidate('idle', 0.99, [])]));
    }
}
