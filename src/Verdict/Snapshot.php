<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Intake\CaseFile;
use App\Intake\SnapshotPart;
use App\Platform\Plain;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/**
 * The whole case as a document: what the signatures cover. Each stage contributes its part; its shape is
 * docs/formats/signed-case.schema.json.
 */
final readonly class Snapshot
{
    /** Raised whenever the document changes its shape. */
    public const VERSION = 2;

    /** What stands beside what is signed and is no part of its digest. */
    private const BESIDE = ['engine', 'report'];

    /** @param iterable<SnapshotPart> $parts */
    public function __construct(#[AutowireIterator(SnapshotPart::TAG)] private iterable $parts)
    {
    }

    /** @return array<string, mixed> */
    public function take(CaseFile $case, Verdict $verdict): array
    {
        $document = ['version' => self::VERSION];
        foreach ($this->parts as $part) {
            $document += $part->snapshot($case);
        }
        // Who signed, when, and what was made of it stands with the signatures.
        $document['verdict'] = Plain::of(
            $verdict,
            [
                'signedBy', 'signedAs', 'signedAt', 'digest', 'engine', 'voided', 'secondBy', 'secondAs', 'secondAt', 'snapshot',
                'snapshotHash', 'reportHash', 'madeAt',
            ],
        );
        $document['verdict']['own'] = Plain::all($verdict->own, ['verdict', 'madeAt']);
        ksort($document);

        return self::said($document);
    }

    /**
     * Numbers as they are said: what is beyond the twelfth digit is the machine's, not the gauge's, and a zero has no sign, which the
     * database would not keep.
     *
     * @template T of array<mixed>
     *
     * @param T $document
     *
     * @return T
     */
    private static function said(array $document): array
    {
        array_walk_recursive($document, static function (mixed &$value): void {
            if (\is_float($value)) {
                $value = (float) \sprintf('%.12G', $value);
                // Not by adding zero: compiled PHP has left that out.
                $value = 0.0 === $value ? 0.0 : $value;
            }
        });

        return $document;
    }

    /**
     * SHA-256 over the document with its keys in order, so that it is the same however the database keeps it.
     *
     * @param array<mixed> $snapshot
     */
    public static function hash(array $snapshot): string
    {
        $covered = self::VERSION === ($snapshot['version'] ?? null) ? array_diff_key($snapshot, array_flip(self::BESIDE)) : $snapshot;

        return hash(
            'sha256',
            json_encode(self::sorted($covered), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION),
        );
    }

    /**
     * Which parts of two documents differ, in words.
     *
     * @param array<mixed> $before
     * @param array<mixed> $after
     *
     * @return list<string>
     */
    public static function changed(array $before, array $after): array
    {
        $changed = [];
        foreach (array_keys($before + $after) as $part) {
            if (!\in_array($part, self::BESIDE, true) && self::sorted($before[$part] ?? null) !== self::sorted($after[$part] ?? null)) {
                $changed[] = str_replace('-', ' ', (string) $part);
            }
        }

        return $changed;
    }

    private static function sorted(mixed $value): mixed
    {
        if (!\is_array($value)) {
            return \is_float($value) ? (string) $value : $value;
        }
        if (!array_is_list($value)) {
            ksort($value);
        }

        return array_map(self::sorted(...), $value);
    }
}
