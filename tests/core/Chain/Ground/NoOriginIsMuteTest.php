<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Chain\Ground\Grounding;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Ground\Stories;
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

    private static function stories(string $family): Stories
    {
        $own = Books::mechanisms()->with(Books::book($family));

        return Stories::of(
            (new Grounding(Books::book($family), Books::modes(), $own->mechanisms, $own->vocabulary))->ground(new Facts([], [], [])),
        );
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

    /** Neither a case nor a valve hangs on a film of oil that is fed to it. */
    public function testWhatIsNotFedHasNoFeedThatCouldBeBlocked(): void
    {
        $spots = array_keys(self::stories('hydrostatic-transaxle')->alone('origin:run-dry'));
        self::assertContains('origin:lubrication-blocked@pump-pistons', $spots);
        self::assertNotContains('origin:lubrication-blocked@lower-case', $spots);
        self::assertNotContains('origin:lubrication-blocked@charge-relief', $spots);
    }
}
