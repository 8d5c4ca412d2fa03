<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Role;
use App\Evidence\Finding;
use App\Evidence\RecordFinding;
use App\Intake\CaseFile;
use App\Parts\PartViews;
use App\Parts\PieceFrom;
use App\Parts\PieceMatch;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\PieceShape;

/** A piece in the strainer is asked after among the parts that have such, the broken and the uncounted first. */
final class PieceMatchTest extends AppTestCase
{
    private function lay(CaseFile $case, PieceShape $shape, DebrisKind $kind): Finding
    {
        $finding = new Finding($case, 'suction-strainer');
        $finding->sawDamage(DebrisKind::MODE, 4, '');
        $finding->tellMadeOf([$kind]);
        $finding->lay->shape = $shape;
        self::service(RecordFinding::class)($finding, $this->person(Role::Bench));

        return $finding;
    }

    private function found(CaseFile $case, string $part, string $mode, int $grade): void
    {
        $finding = new Finding($case, $part);
        $finding->sawDamage($mode, $grade, '');
        self::service(RecordFinding::class)($finding, $this->person(Role::Bench));
    }

    /** @return array<string, string> part => what is known of it, the likeliest first */
    private function offered(Finding $finding): array
    {
        $parts = self::service(PartViews::class)->partsOf($finding->case);
        $from = self::service(PieceMatch::class)->of($finding, $parts);

        return array_combine(
            array_map(static fn (PieceFrom $one): string => $one->part->key, $from),
            array_map(static fn (PieceFrom $one): string => $one->says, $from),
        );
    }

    public function testACornerOfAToothIsOfAGearAndOfTheBrokenOneFirst(): void
    {
        $case = $this->aCase();
        $this->found($case, 'drive-gear', 'scoring', 2);
        $this->found($case, 'driven-gear', 'fracture', 3);
        $offered = $this->offered($this->lay($case, PieceShape::ToothCorner, DebrisKind::Steel));
        self::assertSame('driven-gear', array_key_first($offered));
        self::assertSame('found broken', $offered['driven-gear']);
        self::assertSame('found whole', $offered['drive-gear'], 'scored, but no piece is missing');
        self::assertArrayNotHasKey('body', $offered, 'a body has no teeth');
    }

    public function testWhatNobodyHasLookedAtComesBeforeWhatWasFoundWhole(): void
    {
        $case = $this->aCase();
        $this->found($case, 'drive-gear', 'polishing', 1);
        $offered = $this->offered($this->lay($case, PieceShape::ToothCorner, DebrisKind::Steel));
        self::assertSame(['driven-gear', 'drive-gear'], array_values(array_intersect(array_keys($offered), ['driven-gear', 'drive-gear'])));
        self::assertSame('still in the unit', $offered['driven-gear']);
    }

    public function testAChipOfAToolIsOfNoPart(): void
    {
        self::assertSame([], $this->offered($this->lay($this->aCase(), PieceShape::Curl, DebrisKind::Steel)));
    }

    public function testWhereNoShapeWasToldNothingIsGuessed(): void
    {
        $finding = $this->lay($this->aCase(), PieceShape::Flake, DebrisKind::Steel);
        $finding->lay->shape = null;
        self::assertSame([], $this->offered($finding));
    }
}
