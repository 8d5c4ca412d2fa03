<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Verdict\Claim;

use Japhrex\Core\Verdict\Claim\ClaimSum;
use Japhrex\Core\Verdict\Policy\Cover;
use Japhrex\Core\Verdict\Policy\Edition;
use PHPUnit\Framework\TestCase;

final class ClaimSumTest extends TestCase
{
    private static function edition(?string $deductible = null): Edition
    {
        return new Edition(
            new \DateTimeImmutable('2025-01-01'),
            null,
            false,
            24,
            null,
            null,
            [Cover::Parts, Cover::Labour],
            deductible: $deductible,
        );
    }

    public function testOnlyWhatThePolicyPaysForIsClaimedLessWhatTheHolderCarries(): void
    {
        // 286.40 + 212.00 = 498.40; freight is told but not claimed; less 200.00 leaves 298.40.
        $sum = ClaimSum::of(
            self::edition('200 EUR'),
            ['parts' => '286.40 EUR', 'labour' => '212 EUR', 'freight' => '38,5 EUR', 'consequential' => ''],
        );
        self::assertSame('298.40 EUR', $sum->total->format());
        self::assertSame([true, true, false], array_column($sum->lines, 'paid'));
    }

    public function testItNeverFallsBelowNothing(): void
    {
        self::assertSame('0.00 EUR', ClaimSum::of(self::edition('500 EUR'), ['parts' => '286.40 EUR'])->total->format());
    }

    public function testWhatCannotBeReadIsNamed(): void
    {
        foreach ([
            [['parts' => 'a lot'], 'Parts: "a lot" is no amount'],
            [['labour' => '-4.00 EUR'], 'Labour: a cost is not below nothing'],
            [['parts' => '1.00 EUR', 'freight' => '1.00 GBP'], 'cannot be added'],
            [['parts' => ''], 'at least one cost'],
        ] as [$typed, $says]) {
            try {
                ClaimSum::of(self::edition(), $typed);
                self::fail($says);
            } catch (\DomainException $e) {
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
    }
}
