<?php

declare(strict_types=1);

namespace Japhrex\Tests\app;

use App\Account\Code\TimeCode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Codes are those of the standards that telephones follow. */
final class TimeCodeTest extends TestCase
{
    /** The key of both RFCs' examples. */
    private const KEY = '12345678901234567890';

    /** @return iterable<string, array{int, string}> RFC 6238, appendix B, SHA-1: seconds since 1970, and the code of eight digits */
    public static function rfc6238(): iterable
    {
        yield '1970' => [59, '94287082'];
        yield '2005' => [1111111109, '07081804'];
        yield 'two seconds later, the next step' => [1111111111, '14050471'];
        yield '2009' => [1234567890, '89005924'];
        yield '2033' => [2000000000, '69279037'];
        yield '2603' => [20000000000, '65353130'];
    }

    #[DataProvider('rfc6238')]
    public function testTheExamplesOfRfc6238(int $time, string $code): void
    {
        self::assertSame($code, TimeCode::of(self::KEY, TimeCode::step($time), 8));
    }

    public function testTheExamplesOfRfc4226(): void
    {
        // Appendix D, counts 0 to 9.
        $codes = ['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489'];
        foreach ($codes as $count => $code) {
            self::assertSame($code, TimeCode::of(self::KEY, $count));
        }
    }

    public function testAKeyIsTypedAsRfc4648HasIt(): void
    {
        // Its section 10.
        foreach (['f' => 'MY', 'fo' => 'MZXQ', 'foo' => 'MZXW6', 'foob' => 'MZXW6YQ', 'fooba' => 'MZXW6YTB'] as $key => $typed) {
            self::assertSame($typed, TimeCode::typed($key));
        }
    }

    public function testClocksMayDifferByOneStepAndNoMore(): void
    {
        $time = 1111111111;
        $step = TimeCode::step($time);
        foreach ([-2 => null, -1 => $step - 1, 0 => $step, 1 => $step + 1, 2 => null] as $off => $found) {
            self::assertSame($found, TimeCode::stepOf(self::KEY, TimeCode::of(self::KEY, $step + $off), $time), (string) $off);
        }
    }

    public function testWhatIsScannedNamesTheShopAndThePerson(): void
    {
        $address = TimeCode::address(self::KEY, 'Brant Slip', 'm.hale');
        $key = TimeCode::typed(self::KEY);
        self::assertStringStartsWith("otpauth://totp/Brant%20Slip:m.hale?secret=$key&issuer=Brant%20Slip", $address);
    }
}
