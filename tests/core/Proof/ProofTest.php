<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Proof;

use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\ProofPhase;
use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Proof\ProofItem;
use Japhrex\Core\Proof\ProofPlan;
use Japhrex\Core\Proof\Soak;
use Japhrex\Core\Proof\ToldComplaint;
use Japhrex\Tests\Books;
use PHPUnit\Framework\TestCase;

/** What is shown before a unit goes out. */
final class ProofTest extends TestCase
{
    public function testNothingTurnsDryAndNothingRunsBeforeItWasTurnedByHandInAnyFamily(): void
    {
        foreach (Books::names() as $file) {
            foreach (Books::types($file) as $key => $content) {
                $book = Books::book($key);
                $plan = ProofPlan::of($book, [new ToldComplaint('told', 'Low flow', 'only hot after 20 min, at idle')]);
                $phases = array_map(static fn (ProofItem $one): string => $one->phase->value, $plan);
                $ready = array_values(array_intersect($phases, ['fill', 'hand', 'direction']));
                self::assertSame($ready, \array_slice($phases, 0, \count($ready)), $key.': before anything under power');
                $expected = 'vane-pump-dry' === $key ? ['hand', 'direction'] : ['fill', 'hand', 'direction'];
                self::assertSame($expected, array_values(array_unique($ready)), $key);
                $last = $plan[\count($plan) - 1];
                self::assertTrue($last->complaint, $key);
                self::assertStringContainsString('low flow, only hot after 20 min, at idle', $last->title);
            }
        }
    }

    public function testNothingRunsBeforeAllThatMakesItReadyIsPassed(): void
    {
        $plan = array_map(
            static fn (ProofPhase $one): ProofItem => new ProofItem($one->value, $one->value, 'good', phase: $one),
            ProofPhase::cases(),
        );
        [$fill, $hand, $direction, $coupled, $low] = $plan;
        self::assertNull(ProofPlan::before($plan, $fill, []));
        self::assertSame($fill, ProofPlan::before($plan, $low, ['hand', 'direction']));
        self::assertSame($direction, ProofPlan::before($plan, $low, ['fill', 'hand']));
        self::assertSame($hand, ProofPlan::before($plan, $direction, ['fill']));
        self::assertSame($coupled, ProofPlan::before($plan, $low, ['fill', 'hand', 'direction']), 'and turned by hand again, guarded');
        self::assertNull(ProofPlan::before($plan, $plan[6], ['fill', 'hand', 'direction', 'coupled']), 'hot may be shown before load');
    }

    public function testABookThatDoesNotSayWhenIsReadByItsWords(): void
    {
        $steps = ['Flow at 3 bar', 'Ten turns by hand', 'Primed and vented'];
        $book = (new BookFactory())->book([
            'book' => 'own', 'title' => 'Own', 'models' => [], 'cautions' => [], 'parts' => [], 'carriers' => [], 'strip' => [],
            'complaints' => [], 'patterns' => [],
            'proof' => array_map(static fn (string $step): array => ['step' => $step, 'expect' => 'as it should'], $steps),
        ]);
        self::assertSame(
            ['Primed and vented', 'Ten turns by hand', 'Direction of rotation, a second’s run', 'Flow at 3 bar'],
            array_map(static fn (ProofItem $one): string => $one->title, ProofPlan::of($book, [])),
        );
    }

    public function testTheWordsOfTheBookSayHowLongItLasts(): void
    {
        foreach ([
            'One hour at three quarters of its pressure' => 60, 'Half an hour of work, then up the ramp again' => 30,
            'No load, five minutes' => 5, 'Stop with the line under vacuum, ten minutes' => 10, 'Overnight on paper' => 480,
            'Head with the outlet shut for ten seconds, then three points' => 0, 'Flow at 540 rpm and 5 bar' => 0,
            'A bump start' => 0, 'Level after 100 km' => 0,
        ] as $step => $minutes) {
            self::assertSame($minutes, ProofPlan::minutes($step), $step);
        }
    }

    public function testTheClockOfASoakGoesOnWhereverThePageIs(): void
    {
        $soak = new Soak(new \DateTimeImmutable('2026-03-02 09:00:00'), 60);
        self::assertSame(1500, $soak->passed(new \DateTimeImmutable('2026-03-02 09:25:00')));
        self::assertFalse($soak->isOver(new \DateTimeImmutable('2026-03-02 09:59:59')));
        self::assertTrue($soak->isOver(new \DateTimeImmutable('2026-03-02 10:00:00')));
        self::assertSame(3600, $soak->passed(new \DateTimeImmutable('2026-03-03 10:00:00')));
        self::assertSame('10:00', $soak->ends()->format('H:i'));
    }

    public function testASoakIsPassedWhenItsClockHasRunAndTheDirectionCameBefore(): void
    {
        $soak = new ProofItem('book-1', 'No load, five minutes', 'Quiet', minutes: 5);
        $begun = new Soak(new \DateTimeImmutable('2026-03-02 09:00:00'), 5);
        foreach ([
            [
                new ProofItem('book-0', 'Direction of rotation', 'As the arrow'),
                $begun,
                ProofEntry::PASSED,
                'quiet',
                '09:05',
                'First: direction of rotation',
            ],
            [null, null, ProofEntry::PASSED, 'quiet', '09:05', 'start its clock first'],
            [null, $begun, ProofEntry::PASSED, 'quiet', '09:04', '4 of 5 min have passed; it is over at 09:05'],
            [null, $begun, ProofEntry::PASSED, ' ', '09:05', 'What was read, or seen?'],
            [null, $begun, 'perhaps', 'quiet', '09:05', 'Passed, or missed?'],
        ] as [$before, $clock, $outcome, $words, $now, $says]) {
            try {
                ProofEntry::allow($soak, $before, $clock, $outcome, $words, [], new \DateTimeImmutable('2026-03-02 '.$now));
                self::fail($says);
            } catch (\DomainException $e) {
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
        ProofEntry::allow($soak, null, $begun, ProofEntry::PASSED, 'quiet', [], new \DateTimeImmutable('2026-03-02 09:05'));
        $this->expectExceptionMessage('no clock');
        ProofEntry::allow(new ProofItem('book-2', 'Flow', '40 L/min'), null, null, ProofEntry::BEGUN, '', [], new \DateTimeImmutable());
    }

    public function testAMissSaysWhereItPoints(): void
    {
        $flow = new ProofItem('book-1', 'Flow against pressure, hot', '95 % of displacement times speed');
        self::assertStringContainsString('Leakage inside', implode(' ', $flow->missPointsTo()));
        self::assertStringContainsString(
            'indexed for the other direction',
            (new ProofItem('book-0', 'Direction of rotation', 'As the arrow says'))->missPointsTo()[0],
        );
        self::assertStringContainsString(
            'Back to the chain',
            implode(' ', (new ProofItem('x', 'Rinsed with fresh water', 'Clear'))->missPointsTo()),
        );
    }
}
