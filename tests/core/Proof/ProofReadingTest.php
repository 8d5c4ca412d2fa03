<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Proof;

use Japhrex\Core\Family\ProofRead;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Proof\ProofItem;
use Japhrex\Core\Proof\ProofReading;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Values of the proof against the limits of the book, with what the stand does not know. */
final class ProofReadingTest extends TestCase
{
    /** @param array<string, float> $u */
    private static function judge(
        ProofRead $read,
        string $typed,
        string $speed = '',
        array $u = [],
        string $displacement = '28 cc/rev',
    ): ProofReading {
        return ProofReading::of(
            $read,
            $typed,
            $speed,
            '' === $displacement ? null : Quantity::parse($displacement, Dimension::Displacement),
            $u,
            new FigureRegistry(),
        );
    }

    private static function pressure(): ProofRead
    {
        return new ProofRead('Hot at idle', 'pressure', '4 bar', '', false, [], true);
    }

    private static function flow(): ProofRead
    {
        return new ProofRead('Flow at 100 bar', 'flow', '92 %', '', true, [], true);
    }

    /**
     * @return iterable<string, array{
     *     ProofRead, string, string, array<string, float>, LimitVerdict,
     * }> by hand: the guard is 1.645·u, u = U/2 with the step's a/√12
     */
    public static function rows(): iterable
    {
        yield 'well above' => [self::pressure(), '4.6 bar', '', [], LimitVerdict::Within];
        yield 'well under' => [self::pressure(), '3.2 bar', '', [], LimitVerdict::Outside];
        yield 'in another unit, 62 psi is 4.27 bar' => [self::pressure(), '62 psi', '', [], LimitVerdict::Within];
        // U = 0.5 bar: u = 0.25, guard 0.41 bar.
        yield 'too near for this gauge' => [self::pressure(), '4.3 bar', '', ['pressure' => 0.5e5], LimitVerdict::Undecided];
        yield 'far enough for this gauge' => [self::pressure(), '4.5 bar', '', ['pressure' => 0.5e5], LimitVerdict::Within];
        // 28 cc times 1500 rpm is 42 L/min; 92 % of it 38.64 L/min.
        yield 'a share that holds' => [self::flow(), '39.5 L/min', '1500 rpm', [], LimitVerdict::Within];
        yield 'a share that does not' => [self::flow(), '37.9 L/min', '1500 rpm', [], LimitVerdict::Outside];
        yield 'a share too near' => [self::flow(), '38.9 L/min', '1500 rpm', ['flow' => 0.8 / 60000], LimitVerdict::Undecided];
        yield 'at another speed' => [self::flow(), '26.0 L/min', '1000 rpm', [], LimitVerdict::Within];
        yield 'not above' => [new ProofRead('Body', 'temperature', '', '80 C', false, [], true), '86 C', '', [], LimitVerdict::Outside];
        // 100 bar times 76.5 L/min is 12.75 kW, over 0.85 is 15 kW; at 200 bar 38.3 L/min.
        $curve = new ProofRead(
            'Curve',
            '',
            '',
            '',
            false,
            ['power' => '15 kW', 'overall' => '85 %', 'tolerance' => '5 %', 'regulates-from' => '90 bar'],
            true,
        );
        yield 'on its curve' => [$curve, '60 bar@80 lpm;100 bar@76.5 lpm;200 bar@38.3 lpm', '', [], LimitVerdict::Within];
        yield 'off its curve' => [$curve, '100 bar@76.5 lpm;200 bar@44 lpm', '', [], LimitVerdict::Outside];
    }

    /** @param array<string, float> $u */
    #[DataProvider('rows')]
    public function testAValueIsHeldNotHeldOrTooNearToTell(
        ProofRead $read,
        string $typed,
        string $speed,
        array $u,
        LimitVerdict $verdict,
    ): void {
        self::assertSame($verdict, self::judge($read, $typed, $speed, $u)->verdict);
    }

    public function testItSaysWhatWasAskedAndWhatCameOut(): void
    {
        self::assertSame(
            'Flow at 100 bar: 39.5 L/min at 1500 rpm is 94.0 %, at least 92 % of displacement times speed asked: held.',
            self::judge(self::flow(), '39.5 L/min', '1500 rpm')->says,
        );
        self::assertStringContainsString(
            'not held at point 2',
            self::judge(
                new ProofRead('Curve', '', '', '', false, ['power' => '15 kW', 'overall' => '85 %', 'tolerance' => '5 %'], true),
                '100 bar@76.5 lpm;200 bar@44 lpm',
            )->says,
        );
        foreach (
            [
                [self::pressure(), '4.6', '', 'Hot at idle: '],
                [self::flow(), '39 L/min', '', 'Flow at 100 bar: '],
                [self::flow(), '39 L/min', '0 rpm', 'At which speed'],
            ] as [$read, $typed, $speed, $says]
        ) {
            try {
                self::judge($read, $typed, $speed);
                self::fail($typed);
            } catch (\DomainException $error) {
                self::assertStringContainsString($says, $error->getMessage());
            }
        }
        $this->expectExceptionMessage('The displacement of the unit is not known');
        self::judge(self::flow(), '39 L/min', '1500 rpm', [], '');
    }

    public function testWhatDoesNotHoldIsNotWrittenAsPassed(): void
    {
        $item = new ProofItem('book-1', 'Line pressure', '', reads: [self::pressure()]);
        $now = new \DateTimeImmutable();
        ProofEntry::allow($item, null, null, ProofEntry::PASSED, '', [self::judge(self::pressure(), '4.6 bar')], $now);
        ProofEntry::allow($item, null, null, ProofEntry::MISSED, '', [self::judge(self::pressure(), '3.2 bar')], $now);
        $this->expectExceptionMessage('Not passed: Hot at idle: 3.2 bar, at least 4 bar asked: not held.');
        ProofEntry::allow($item, null, null, ProofEntry::PASSED, 'it drives', [self::judge(self::pressure(), '3.2 bar')], $now);
    }

    public function testAUnitGoesOutWithAdviceAndWithAReasonForWhatIsNotPassed(): void
    {
        ProofEntry::goesOut('Level after a day.', 'New noise.', 0, '');
        ProofEntry::goesOut('Level after a day.', 'New noise.', 2, 'no stand for this drive');
        foreach ([['', 'New noise.', 0, ''], ['Level.', ' ', 0, ''], ['Level.', 'Noise.', 2, ' ']] as [$checks, $stop, $open, $despite]) {
            try {
                ProofEntry::goesOut($checks, $stop, $open, $despite);
                self::fail('It went out.');
            } catch (\DomainException $error) {
                self::assertStringContainsString(
                    $open > 0 ? '2 steps of the proof are not passed' : 'what the user is to check',
                    $error->getMessage(),
                );
            }
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function limitsOfTheShop(): iterable
    {
        yield 'nobody says where it is written' => ['5 bar', ' ', 'Where is it written?'];
        yield 'of another kind than what is read' => [
            '5 L/min',
            'manual, page 3',
            'Hot at idle is read in pressure: expected a limit such as at least 4 bar.',
        ];
        yield 'no value' => ['much', 'manual, page 3', 'much'];
    }

    #[DataProvider('limitsOfTheShop')]
    public function testALimitOfTheShopIsWrittenSomewhereAndInTheUnitThatIsRead(string $least, string $source, string $says): void
    {
        self::assertSame('at least 5 bar', self::pressure()->ownedBy('5 bar', '', 'manual, page 3')->asks());
        $this->expectException(\DomainException::class);
        $this->expectExceptionMessage($says);
        self::pressure()->ownedBy($least, '', $source);
    }
}
