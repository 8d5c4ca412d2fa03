<?php

declare(strict_types=1);

namespace Japhrex\Core\Exchange;

/**
 * Files that travel together with their digests, after RFC 8493 (BagIt 1.0): the tag files beside the payload, and whether what arrived is
 * what was packed.
 */
final class Bag
{
    private const DECLARED = "BagIt-Version: 1.0\nTag-File-Character-Encoding: UTF-8\n";
    private const PAYLOAD = 'manifest-sha256.txt';
    private const TAGS = 'tagmanifest-sha256.txt';

    /**
     * @param array<string, string> $payload SHA-256 in hex by path, each below data/
     * @param int $bytes of the payload together
     * @param array<string, string> $info elements of bag-info.txt in their order
     *
     * @return array<string, string> the tag files by name
     */
    public static function tags(array $payload, int $bytes, array $info): array
    {
        ksort($payload);
        $lines = '';
        foreach ($info + ['Payload-Oxum' => $bytes.'.'.\count($payload)] as $label => $value) {
            $lines .= $label.': '.trim((string) preg_replace('/\s+/', ' ', $value))."\n";
        }
        $tags = ['bag-info.txt' => $lines, 'bagit.txt' => self::DECLARED, self::PAYLOAD => self::manifest($payload)];

        return $tags + [self::TAGS => self::manifest(array_map(static fn (string $text): string => hash('sha256', $text), $tags))];
    }

    /**
     * Is it whole, and is each file what it was when it was packed?
     *
     * @param array<string, string> $texts the files beside data/, by path in the bag
     * @param array<string, string> $digests SHA-256 of each file below data/, by path in the bag
     * @param int $bytes of the files below data/ together
     *
     * @return array<string, string> elements of bag-info.txt; of one that comes several times the last
     *
     * @throws BagError naming the file that is wrong
     */
    public static function check(array $texts, array $digests, int $bytes): array
    {
        $declared = $texts['bagit.txt'] ?? throw BagError::undeclared();
        $known = '/^BagIt-Version: (?:0\.9[0-9]|1\.0)\R+Tag-File-Character-Encoding: UTF-8\s*$/i';
        if (1 !== preg_match($known, ltrim($declared, "\u{FEFF}"))) {
            throw BagError::otherVersion();
        }
        if (isset($texts['fetch.txt'])) {
            throw BagError::fetches();
        }
        $listed = self::listed(self::PAYLOAD, $texts[self::PAYLOAD] ?? throw BagError::unlisted());
        self::compare($listed, $digests);
        if (isset($texts[self::TAGS])) {
            $tags = array_map(static fn (string $text): string => hash('sha256', $text), array_diff_key($texts, [self::TAGS => 1]));
            $told = self::listed(self::TAGS, $texts[self::TAGS]);
            self::compare($told, array_intersect_key($tags, $told));
        }
        $info = self::elements($texts['bag-info.txt'] ?? '');
        $oxum = $info['Payload-Oxum'] ?? null;
        if (null !== $oxum && $oxum !== $bytes.'.'.\count($digests)) {
            throw BagError::amount($oxum, $bytes.'.'.\count($digests));
        }

        return $info;
    }

    /** @param array<string, string> $digests */
    private static function manifest(array $digests): string
    {
        $lines = '';
        foreach ($digests as $path => $digest) {
            $lines .= $digest.'  '.strtr($path, ['%' => '%25', "\n" => '%0A', "\r" => '%0D'])."\n";
        }

        return $lines;
    }

    /**
     * @return array<string, string> digests by path
     *
     * @throws BagError
     */
    private static function listed(string $manifest, string $text): array
    {
        $listed = [];
        foreach (preg_split('/\R/', $text) ?: [] as $i => $line) {
            if ('' === trim($line)) {
                continue;
            }
            if (1 !== preg_match('/^([0-9a-f]{64})\s+\*?(?:\.\/)?(.+)$/i', $line, $found)) {
                throw BagError::line($manifest, $i + 1);
            }
            $listed[str_ireplace(['%0A', '%0D', '%25'], ["\n", "\r", '%'], $found[2])] = strtolower($found[1]);
        }

        return $listed;
    }

    /**
     * @param array<string, string> $listed
     * @param array<string, string> $there
     *
     * @throws BagError
     */
    private static function compare(array $listed, array $there): void
    {
        foreach ($listed as $path => $digest) {
            $is = $there[$path] ?? throw BagError::missing($path);
            if ($is !== $digest) {
                throw BagError::changed($path, $digest, $is);
            }
        }
        foreach (array_diff_key($there, $listed) as $path => $digest) {
            throw BagError::unknown($path);
        }
    }

    /** @return array<string, string> */
    private static function elements(string $text): array
    {
        $elements = [];
        // A line that begins with a space goes on with the one before it.
        foreach (preg_split('/\R/', (string) preg_replace('/\R[ \t]+/', ' ', $text)) ?: [] as $line) {
            if (1 === preg_match('/^([^:\s][^:]*):\s*(.*)$/', $line, $found)) {
                $elements[$found[1]] = rtrim($found[2]);
            }
        }

        return $elements;
    }
}
