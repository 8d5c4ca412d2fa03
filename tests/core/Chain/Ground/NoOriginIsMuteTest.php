<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Chain\Ground\Ground;
use Japhrex\Core\Chain\Ground\Grounding;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Stories;
use Japhrex\Core\Chain\Ground\Tie;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What can fail is missed by somebody: an origin that leads to no complaint could never be named, whatever was found. */
final class NoOriginIsMuteTest extends TestCase
{
    /** Less than this of a complaint, and nobody would have come because of it. */
    private const LEAST = 0.05;

    /** @return array<string, float> complaint => chance that the origin alone brings it about */
    private static function complaints(Stories $stories, string $origin): array
    {
        return array_filter(
            $stories->alone('origin:'.$origin),
            static fn (float $chance, string $id): bool => str_starts_with($id, 'complaint:') && $chance >= self::LEAST,
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    private static function ground(string $family): Ground
    {
        $own = Books::mechanisms()->with(Books::book($family));

        return (new Grounding(Books::book($family), Books::modes(), $own->mechanisms, $own->vocabulary))->ground(new Facts([], [], []));
    }

    private static function stories(string $family): Stories
    {
        return Stories::of(self::ground($family));
    }

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        yield 'check valves, a differential' => ['hydrostatic-transaxle'];
        yield 'a selector valve' => ['reversing-gearbox'];
        yield 'a metering valve' => ['distributor-injection-pump'];
        yield 'a relief valve' => ['vane-pump-hydraulic'];
        yield 'a bush of the tail, shift valves' => ['automatic-transmission'];
    }

    #[DataProvider('families')]
    public function testWhatRunsOrSlidesIsMissedWhenItIsWorn(string $family): void
    {
        $stories = self::stories($family);
        $asked = 0;
        foreach (Books::book($family)->parts as $part) {
            if ($part->runsInItself() && \in_array(Spot::idOf('origin', 'own-wear', $part->key), $stories->order, true)) {
                self::assertNotSame([], self::complaints($stories, 'own-wear@'.$part->key), $part->key);
                ++$asked;
            }
        }
        self::assertGreaterThan(2, $asked);
    }

    public function testARagInTheTankStarvesThePumpAndOneInTheCoolerHeatsIt(): void
    {
        $pump = self::stories('axial-piston-pump-single');
        $tank = self::complaints($pump, 'left-in@tank');
        self::assertGreaterThan(0.2, $tank['complaint:noise'], 'what starves is heard');
        self::assertGreaterThan($tank['complaint:drive-torn'] ?? 0.0, $tank['complaint:low-flow']);
        self::assertArrayHasKey('complaint:hot', self::complaints($pump, 'left-in@cooler'));
    }

    /** No bubble collapses in a gas; in oil it does, at the same faces of the same book. */
    public function testAClosedInletFrostsNoFaceOfAPumpThatDrawsGas(): void
    {
        foreach (['vane-pump-dry' => 0, 'vane-pump-hydraulic' => 1] as $family => $isWet) {
            $frosted = array_filter(
                self::stories($family)->alone('origin:suction-restricted'),
                static fn (float $chance, string $id): bool => $chance > 0.01 && str_starts_with($id, 'damage:cavitation-erosion@'),
                \ARRAY_FILTER_USE_BOTH,
            );
            self::assertSame($isWet, min(1, \count($frosted)), $family);
        }
        self::assertGreaterThan(0.1, self::complaints(self::stories('vane-pump-dry'), 'suction-restricted')['complaint:hot'] ?? 0.0);
    }

    /** Neither a case nor a valve hangs on a film of oil that is fed to it. */
    public function testWhatIsNotFedHasNoFeedThatCouldBeBlocked(): void
    {
        $spots = array_keys(self::stories('hydrostatic-transaxle')->alone('origin:run-dry'));
        self::assertContains('origin:lubrication-blocked@pump-pistons', $spots);
        self::assertNotContains('origin:lubrication-blocked@lower-case', $spots);
        self::assertNotContains('origin:lubrication-blocked@charge-relief', $spots);
    }

    /** @return iterable<string, array{string, string, string}> family, filter, what it guards */
    public static function filters(): iterable
    {
        yield 'felt in the pan' => ['automatic-transmission', 'filter', 'front-pump'];
        yield 'paper before the charge pump' => ['hydrostatic-transaxle', 'oil-filter', 'charge-pump'];
        yield 'a strainer in the case' => ['reversing-gearbox', 'strainer', 'pump'];
        yield 'screens of the sumps' => ['stacked-gear-pump', 'scavenge-screens', 'scavenge-bodies'];
    }

    /** What wears sheds, and the oil goes round: that loop is cut where it comes back, never on the way in. */
    #[DataProvider('filters')]
    public function testWhatGetsPastAFilterReachesWhatItGuards(string $family, string $filter, string $guarded): void
    {
        $past = self::ground($family)->outOf[Spot::idOf('state', 'debris', $filter)] ?? [];
        $to = array_map(static fn (Tie $tie): string => $tie->to, $past);
        self::assertContains(Spot::idOf('state', 'debris', $guarded), $to);
    }

    /** An O-ring of the pressure port does not leak at the shaft, and a coupling of rubber holds no oil. */
    public function testALeakIsComplainedOfWhereItDrips(): void
    {
        $gear = self::stories('external-gear-pump');
        $port = self::complaints($gear, 'misfitted@pressure-fitting');
        self::assertGreaterThan(3 * ($port['complaint:leak-shaft'] ?? 0.0), $port['complaint:leak-joint']);
        $seal = self::complaints($gear, 'damaged-when-fitted@shaft-seal');
        self::assertGreaterThan(3 * ($seal['complaint:leak-joint'] ?? 0.0), $seal['complaint:leak-shaft']);
        $water = self::stories('centrifugal-pump');
        self::assertLessThan(0.3, self::complaints($water, 'misfitted@coupling')['complaint:leak-seal'] ?? 0.0);
    }

    public function testACylinderThatLeaksInsideIsMissedAsFlow(): void
    {
        self::assertArrayHasKey('complaint:low-flow', self::complaints(self::stories('external-gear-pump'), 'own-wear@circuit'));
        self::assertArrayHasKey('complaint:low-power', self::complaints(self::stories('distributor-injection-pump'), 'defect@injectors'));
    }
}
