<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Damage;

use Japhrex\Core\Damage\Feel;
use Japhrex\Core\Damage\GradeProposal;
use Japhrex\Core\Measuring\Assessment;
use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\JudgedPlace;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\TestCase;

final class GradeProposalTest extends TestCase
{
    private static function read(LimitVerdict $verdict, ?float $used): FieldAssessment
    {
        $length = static fn (float $mm): Quantity => Quantity::of($mm, 'mm', Dimension::Length);

        return new FieldAssessment(
            [new JudgedPlace('', new Assessment(new Limits($length(24), $length(23.94), null), 0.0239, 1e-6, 1e-6, 0.5, $used, $verdict))]
        );
    }

    public function testTheWorstOfWhatIsKnownCountsAndTheArithmeticIsShown(): void
    {
        $proposal = GradeProposal::of('scoring', Feel::Felt, 12.0, ['Block thickness' => self::read(LimitVerdict::Outside, 1.4)]);
        self::assertSame(3, $proposal?->grade);
        self::assertSame(
            ['nail feels it: 2', '12 % of the face, from 10 % on: 2', 'Block thickness beyond its limit: 3'],
            $proposal->reasons,
        );
    }

    public function testTheKindOfDamageBoundsIt(): void
    {
        self::assertSame(1, GradeProposal::of('polishing', Feel::Glides, 80.0, [])?->grade, 'polished is not scored, however much of it');
        self::assertSame(2, GradeProposal::of('fracture', Feel::Glides, null, [])?->grade, 'a chipped edge that works, by the anchors');
    }

    public function testHalfUsedWearIsModerateAndNothingKnownProposesNothing(): void
    {
        self::assertSame(2, GradeProposal::of('', null, null, ['Bore' => self::read(LimitVerdict::Within, 0.62)])?->grade);
        self::assertNull(GradeProposal::of('scoring', null, null, ['Bore' => self::read(LimitVerdict::Within, 0.2)]));
    }
}
