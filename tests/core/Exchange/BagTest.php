<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Exchange;

use Japhrex\Core\Exchange\Bag;
use Japhrex\Core\Exchange\BagError;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Bags of files after RFC 8493; digests are the vectors of FIPS 180-4 for "abc" and for nothing. */
final class BagTest extends TestCase
{
    private const ABC = 'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad';
    private const NOTHING = 'e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855';

    private const FILES = ['data/photos/001.jpg' => self::ABC, 'data/50%.csv' => self::NOTHING];

    /** @return array<string, string> */
    private static function tags(): array
    {
        return Bag::tags(self::FILES, 3, ['Source-Organization' => "Ostrey Quay\nWorks", 'External-Identifier' => 'OQ-26-0101']);
    }

    public function testItIsWrittenAsTheStandardSays(): void
    {
        $tags = self::tags();
        self::assertSame("BagIt-Version: 1.0\nTag-File-Character-Encoding: UTF-8\n", $tags['bagit.txt']);
        // 2.1.3: two spaces, the path with its percent sign coded; in the order of the paths.
        self::assertSame(self::NOTHING."  data/50%25.csv\n".self::ABC."  data/photos/001.jpg\n", $tags['manifest-sha256.txt']);
        // 2.2.2: bytes and number of the payload; one line an element.
        self::assertSame(
            "Source-Organization: Ostrey Quay Works\nExternal-Identifier: OQ-26-0101\nPayload-Oxum: 3.2\n",
            $tags['bag-info.txt'],
        );
        self::assertStringContainsString(hash('sha256', $tags['bagit.txt']).'  bagit.txt', $tags['tagmanifest-sha256.txt']);
    }

    public function testWhatArrivesAsItWasPackedIsWhole(): void
    {
        $info = Bag::check(self::tags(), self::FILES, 3);
        self::assertSame('OQ-26-0101', $info['External-Identifier']);
    }

    public function testABagOfAnotherHandIsReadAsTheStandardAllows(): void
    {
        $info = Bag::check([
            'bagit.txt' => "BagIt-Version: 0.97\r\nTag-File-Character-Encoding: UTF-8\r\n",
            'manifest-sha256.txt' => strtoupper(self::ABC)." *./data/a.txt\r\n",
            'bag-info.txt' => "External-Description: A pump\n  that failed\n",
        ], ['data/a.txt' => self::ABC], 3);
        self::assertSame('A pump that failed', $info['External-Description']);
    }

    /** @return iterable<string, array{array<string, string|null>, array<string, string|null>, int, string}> */
    public static function broken(): iterable
    {
        $tags = self::tags();
        yield 'a file is lost' => [[], ['data/50%.csv' => null], 3, 'data/50%.csv is listed and not there'];
        yield 'a file was put in' => [[], ['data/more.txt' => self::ABC], 6, 'no manifest speaks of it'];
        yield 'a file was changed' => [[], ['data/photos/001.jpg' => self::NOTHING], 3, 'not what was packed'];
        $more = ['bag-info.txt' => $tags['bag-info.txt'].'More: no'];
        yield 'a tag file was changed' => [$more, [], 3, 'bag-info.txt is not what was packed'];
        yield 'no declaration' => [['bagit.txt' => null], [], 3, 'no bagit.txt'];
        yield 'a version to come' => [['bagit.txt' => "BagIt-Version: 2.0\nTag-File-Character-Encoding: UTF-8\n"], [], 3, 'version'];
        yield 'no manifest' => [['manifest-sha256.txt' => null], [], 3, 'no manifest-sha256.txt'];
        yield 'a manifest of something else' => [['manifest-sha256.txt' => "abc  data/a\n"], [], 3, 'Line 1 of manifest-sha256.txt'];
        yield 'files from elsewhere' => [['fetch.txt' => 'http://localhost/a 3 data/a'], [], 3, 'fetched from elsewhere'];
        yield 'another amount' => [['tagmanifest-sha256.txt' => null], [], 4, 'should hold 3.2'];
    }

    /**
     * @param array<string, string|null> $tags
     * @param array<string, string|null> $files
     */
    #[DataProvider('broken')]
    public function testWhatIsNotWholeIsRefusedByName(array $tags, array $files, int $bytes, string $says): void
    {
        $there = static fn (array $of): array => array_filter($of, \is_string(...));
        $this->expectException(BagError::class);
        $this->expectExceptionMessage($says);
        Bag::check($there($tags + self::tags()), $there($files + self::FILES), $bytes);
    }
}
