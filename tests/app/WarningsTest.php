<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Memory\Remember;
use App\Memory\Repository\WarningRepository;
use App\Memory\Warn\Chart;
use App\Memory\Warn\Warning;
use App\Memory\Warn\Watch;
use Japhrex\Core\Memory\Warning\MoreOften;

/** A gauge that reads other than the rest, and a builder to whom the same comes back. */
final class WarningsTest extends AppTestCase
{
    /** @return list<string> ids of so many cases that are signed, as the memory of the shop has them */
    private function signedOnes(int $many): array
    {
        $ids = [];
        for ($i = 0; $i < $many; ++$i) {
            $ids[] = (string) $this->aCase()->id;
        }
        self::service(Remember::class)->due(100);
        self::em()->getConnection()->executeStatement("UPDATE memory_case SET signed_at = now(), taken_at = now() - interval '9 days'");

        return $ids;
    }

    /** @param array<string, string> $row */
    private static function remember(string $table, string $case, array $row): void
    {
        self::em()->getConnection()->insert($table, ['case_id' => $case] + $row);
    }

    public function testAGaugeIsHeldAgainstWhatElseReadTheSame(): void
    {
        $ids = $this->signedOnes(30);
        foreach ($ids as $i => $id) {
            // Every tenth case was not read there at all: it says nothing of a gauge.
            if (0 !== $i % 10) {
                self::remember('memory_reading', $id, [
                    'part' => 'front-block', 'field' => 'side-clearance', 'gauge' => $i < 12 ? 'Feeler 2' : 'Feeler 1',
                    'verdict' => $i < 9 ? 'outside' : 'within',
                ]);
            }
        }
        $charts = array_values(array_filter(
            self::service(WarningRepository::class)->charts($ids), static fn (Chart $one): bool => 'gauge' === $one->by,
        ));
        self::assertCount(1, $charts);
        $count = $charts[0]->count;
        self::assertSame(['feeler 2', 'front-block/side-clearance'], [$charts[0]->value, $charts[0]->thing]);
        self::assertSame([8, 10, 0, 17], [$count->recent, $count->ofRecent, $count->before, $count->ofBefore]);
        self::service(Watch::class)->after($ids);
        $this->signIn(Role::Analyst);
        $page = $this->browser->request('GET', '/warnings');
        self::assertStringContainsString('read with feeler 2: 8 of 10 in the last year', $this->said());
        self::assertStringContainsString('Check its zero and its calibration', $this->said());
        self::assertCount(8, $this->browser->click($page->selectLink('Its cases')->link())->filter('.floorlist > li:not(.nextpage)'));
    }

    public function testWhatTwoProcessesCountAtOnceIsSaidOnceAndTheFloorSaysNoMoreThanFour(): void
    {
        $one = static fn (string $part): Warning => new Warning(
            'external-gear-pump', 'customer', 'fish quay', 'part', $part, new MoreOften(5, 9, 2, 90),
        );
        self::service(WarningRepository::class)->addOnce([$one('shaft-seal')]);
        self::service(WarningRepository::class)->addOnce([$one('shaft-seal')]);
        self::assertCount(1, self::service(WarningRepository::class)->open());
        self::service(WarningRepository::class)->addOnce(array_map($one, ['drive-gear', 'driven-gear', 'front-block', 'rear-block']));
        $this->signIn(Role::Viewer);
        $floor = $this->browser->request('GET', '/')->filter('.warned');
        self::assertCount(4, $floor->filter('p.ask'));
        self::assertStringContainsString('1 more that nobody has taken', $floor->text());
    }

    public function testAWarningIsToldWhereSuchAUnitComesInAndNotOnEveryPageOfIt(): void
    {
        $case = $this->aCase();
        self::em()->persist(new Warning('external-gear-pump', 'customer', 'fish quay', 'part', 'shaft-seal', new MoreOften(5, 9, 2, 90)));
        self::em()->flush();
        $this->signIn(Role::Viewer);
        $told = fn (string $page): int => $this->browser->request('GET', '/cases/'.$case->number.'/'.$page)
            ->filter('.beware')->reduce(static fn ($one): bool => str_contains($one->text(), '5 of 9 in the last year'))->count();
        self::assertSame([1, 0, 0], [$told('intake'), $told('parts'), $told('chain')]);
    }

    public function testABuilderIsHeldAgainstWhoElseBuiltWhatCameBack(): void
    {
        $ids = $this->signedOnes(30);
        foreach ($ids as $i => $id) {
            if ($i < 20) {
                self::remember('memory_made', $id, ['what' => 'builder', 'value' => $i < 8 ? 'bench 2' : 'bench 1', 'had' => 't']);
            }
            if ($i < 7 || 25 < $i) {
                self::remember('memory_origin', $id, [
                    'origin' => 'leftover-debris', 'kind' => 'leftover-debris', 'name' => 'Debris left', 'counts' => 't',
                ]);
            }
        }
        $charts = array_column(array_filter(
            self::service(WarningRepository::class)->charts($ids), static fn (Chart $one): bool => 'builder' === $one->by,
        ), 'count', 'value');
        self::assertSame(['bench 2'], array_keys($charts));
        $one = $charts['bench 2'];
        self::assertSame([7, 8, 0, 12], [$one->recent, $one->ofRecent, $one->before, $one->ofBefore], 'first-time cases are no builder’s');
    }
}
