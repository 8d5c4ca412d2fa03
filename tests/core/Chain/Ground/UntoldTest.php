<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Diagnose\CaseReader;
use Japhrex\Core\Chain\Diagnose\Words;
use Japhrex\Core\Chain\Ground\Analysis;
use Japhrex\Core\Chain\Ground\Evidence;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Grounding;
use Japhrex\Core\Chain\Ground\Pruning;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Tie;
use Japhrex\Core\Chain\Mechanism\MechanismBook;
use Japhrex\Core\Family\BookError;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Nobody has written down every way in which a pump is hurt: what lies near, and does such things, may have done it all the same. */
final class UntoldTest extends TestCase
{
    /** The pilot of a cover that fell on the bench before it was fitted: no rule tells of a dent there. */
    private const DENT = ['place' => 'front-cover/pilot', 'mode' => 'indentation', 'grade' => 3];
    private const DENTED = 'damage:indentation@front-cover/pilot';

    /** @param array<string, mixed> $case */
    private static function ground(array $case, string $family = 'external-gear-pump', string $complaint = 'noise'): Ground
    {
        $book = Books::book($family);
        $own = Books::mechanisms()->with($book);
        [$facts] = (new CaseReader(new Words($book, Books::modes(), $own->vocabulary)))->read(
            ['family' => $family, 'complaints' => [['what' => $complaint]]] + $case,
        );

        return (new Grounding($book, Books::modes(), $own->mechanisms, $own->vocabulary))->ground($facts);
    }

    /** @return array<string, float> cause => strength, of what no rule tells */
    private static function untold(Ground $ground, string $to): array
    {
        $untold = array_filter($ground->into[$to] ?? [], static fn (Tie $tie): bool => !$tie->isTold);

        return array_combine(
            array_map(static fn (Tie $tie): string => $tie->from, $untold),
            array_map(static fn (Tie $tie): float => $tie->strength, $untold),
        );
    }

    public function testADentIsLaidToAFallBeforeItWasFittedAndToNothingThatLiesFarOff(): void
    {
        $from = self::untold(self::ground(['seen' => [self::DENT]]), self::DENTED);
        self::assertArrayHasKey('origin:damaged-when-fitted@front-cover', $from);
        self::assertArrayNotHasKey('origin:damaged-when-fitted@relief-spring', $from, 'it does not lie beside the cover');
        self::assertArrayNotHasKey('origin:old-oil', $from, 'no oil dents steel');
        self::assertLessThan($from['origin:damaged-when-fitted@front-cover'], $from['origin:damaged-when-fitted@front-bushes'] ?? 0.0);
    }

    public function testWhatNobodySawIsLaidToNothing(): void
    {
        $without = self::ground(['seen' => [['place' => 'rear-cover/joint', 'mode' => 'fretting', 'grade' => 3]]]);
        self::assertSame([], self::untold($without, self::DENTED));
        $trace = self::ground(['seen' => [['grade' => 1] + self::DENT]]);
        self::assertSame([], self::untold($trace, self::DENTED), 'a trace needs no cause');
    }

    public function testARuleThatTellsTheWayIsEnough(): void
    {
        // A lip that was turned over when it was pushed on is told of, far more surely than by its kind alone.
        $ground = self::ground(['seen' => [['place' => 'shaft-seal/lip', 'mode' => 'lip-displaced', 'grade' => 3]]]);
        self::assertArrayNotHasKey('origin:damaged-when-fitted@shaft-seal', self::untold($ground, 'damage:lip-displaced@shaft-seal'));
    }

    /** Where the network would be too wide to be answered exactly, what no rule tells gives way before what one does. */
    public function testItGivesWayToWhatRulesTell(): void
    {
        $spots = $ties = $seen = [];
        for ($i = 0; $i < 40; ++$i) {
            $spots['origin:'.$i] = new Spot('origin', (string) $i, null, 'Origin', 0.05);
            $spots['damage:'.$i] = new Spot('damage', (string) $i, null, 'Damage', 0.01);
            $seen['damage:'.$i] = new Evidence('damage:'.$i, 0.001, 1.0, 'seen');
            for ($j = 0; $j < 40; ++$j) {
                $ties[] = new Tie('origin:'.$j, 'damage:'.$i, $i === $j ? 'told' : 'untold', $i === $j ? 0.5 : 0.05, '', $i === $j);
            }
        }
        [$left] = Pruning::of($spots, $ties, $seen);
        self::assertCount(40, $left);
        self::assertSame(['told'], array_values(array_unique(array_map(static fn (Tie $tie): string => $tie->mechanism, $left))));
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, string, string}> family, complaint, case, who, before whom */
    public static function jobs(): iterable
    {
        $seen = static fn (string $place, string $mode, int $grade): array => ['place' => $place, 'mode' => $mode, 'grade' => $grade];
        yield 'a cooler pipe pressed flat' => ['automatic-transmission', 'hot', [
            'seen' => [$seen('cooler/lines', 'plastic-deformation', 3)],
            'readings' => [['field' => 'cooler/flow', 'verdict' => 'outside', 'direction' => 'too-small']],
        ], 'cooling-lost', 'old-oil'];
        yield 'a suction hose drawn flat' => ['roller-pump', 'low-flow', [
            'seen' => [$seen('suction-hose/wall', 'plastic-deformation', 3)],
        ], 'suction-restricted', 'suction-leak'];
        yield 'paint in the breather' => ['reversing-gearbox', 'leak', [
            'seen' => [$seen('dipstick/mark', 'deposits', 3), $seen('input-seal/lip', 'lip-displaced', 2)],
        ], 'drain-blocked', 'misaligned'];
        yield 'a circlip that has no spring left' => ['stacked-gear-pump', 'leak-shaft', [
            'seen' => [$seen('seal-circlip', 'assembly-fault', 3), $seen('shaft-seal/lip', 'lip-displaced', 3)],
        ], 'misfitted@seal-circlip', 'damaged-when-fitted@shaft-seal'];
    }

    /** @param array<string, mixed> $case */
    #[DataProvider('jobs')]
    public function testWhatHasAJobAndIsBadlyHurtDoesItNoLonger(
        string $family,
        string $complaint,
        array $case,
        string $who,
        string $whom,
    ): void {
        $brought = [];
        foreach (Analysis::of(self::ground($case, $family, $complaint))->candidates() as $one) {
            $brought[$one->origin->id()] = $one->part;
        }
        self::assertGreaterThan(2 * ($brought['origin:'.$whom] ?? 0.0), $brought['origin:'.$who] ?? 0.0);
    }

    /** What nobody sees, a state or a complaint, cannot be laid to anything where it was seen. */
    public function testAMechanismOfWhatWasSeenThatSpeaksOfAStateIsRefusedByName(): void
    {
        $rule = ['if' => 'origin:shaken', 'then' => 'state:air', 'on' => 'part', 'strength' => '0.1'];
        $odd = ['name' => 'Odd', 'by' => [], 'tells' => 'x', 'where-seen' => true, 'rules' => [$rule]];
        $this->expectException(BookError::class);
        $this->expectExceptionMessageMatches('/odd.*expected damage:key@here|expected damage:key@here.*odd/');
        MechanismBook::of([Books::file('mechanisms/conditions'), ['mechanisms' => ['odd' => $odd]]]);
    }
}
