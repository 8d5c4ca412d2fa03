<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Exchange;

use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Family\CarrierKind;

/**
 * A chain as JSON, and back.
 *
 * @phpstan-import-type NodeRow from ChainDocument
 * @phpstan-import-type LinkRow from ChainDocument
 */
final class JsonForm
{
    public const FORMAT = 'japhrex-chain';
    public const VERSION = 1;

    public static function write(ChainDocument $chain): string
    {
        return json_encode(
            [
                'format' => self::FORMAT,
                'version' => self::VERSION,
                'family' => $chain->family,
                'case' => $chain->case,
                'nodes' => $chain->nodes,
                'links' => $chain->links,
            ],
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        )."\n";
    }

    /** @throws ChainFormError saying what is wrong with the file and what would be right */
    public static function read(string $json): ChainDocument
    {
        try {
            $data = json_decode($json, true, 32, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw ChainFormError::notJson($e->getMessage());
        }
        if (!\is_array($data) || self::FORMAT !== ($data['format'] ?? null)) {
            throw ChainFormError::notAChain(self::FORMAT);
        }
        if (self::VERSION !== ($data['version'] ?? null)) {
            throw ChainFormError::otherVersion(json_encode($data['version'] ?? null), self::VERSION);
        }
        $nodes = [];
        foreach (self::rows($data, 'nodes') as $i => $row) {
            $node = self::node($row, "nodes[$i]");
            if (isset($nodes[$node['id']])) {
                throw ChainFormError::idTwice($i, $node['id']);
            }
            $nodes[$node['id']] = $node;
        }
        $links = $joined = [];
        foreach (self::rows($data, 'links') as $i => $row) {
            $link = self::link($row, "links[$i]", $nodes);
            if (isset($joined[$link['from']][$link['to']])) {
                throw ChainFormError::linkedTwice($i, $link['from'], $link['to']);
            }
            $joined[$link['from']][$link['to']] = true;
            $links[] = $link;
        }

        return new ChainDocument(
            self::text($data, 'family', 'family', 60),
            self::text($data, 'case', 'case', 40),
            array_values($nodes),
            $links,
        );
    }

    /**
     * @param array<mixed> $row
     *
     * @return NodeRow
     */
    private static function node(array $row, string $at): array
    {
        $kind = NodeKind::tryFrom(self::text($row, 'kind', $at, 12)) ?? throw ChainFormError::kind($at, self::oneOf(NodeKind::cases()));
        $origin = self::textOrNull($row, 'origin', $at, 20);
        if (NodeKind::Origin === $kind && null === OriginKind::tryFrom((string) $origin)) {
            throw ChainFormError::origin($at, self::oneOf(OriginKind::cases()));
        }

        return [
            'id' => self::text($row, 'id', $at, 40), 'kind' => $kind->value, 'name' => self::text($row, 'name', $at, 160),
            'place' => self::textOrNull($row, 'place', $at, 125), 'origin' => NodeKind::Origin === $kind ? $origin : null,
            'order' => self::numberOrNull($row, 'order', $at, 1, 99), 'mode' => self::textOrNull($row, 'mode', $at, 60),
            'grade' => self::numberOrNull($row, 'grade', $at, 0, 4), 'complaint' => self::textOrNull($row, 'complaint', $at, 60),
            'evidence' => self::textOrNull($row, 'evidence', $at, 2000) ?? '', 'by' => self::textOrNull($row, 'by', $at, 80) ?? '',
        ];
    }

    /**
     * @param array<mixed> $row
     * @param array<string, mixed> $nodes
     *
     * @return LinkRow
     */
    private static function link(array $row, string $at, array $nodes): array
    {
        [$from, $to] = [self::text($row, 'from', $at, 40), self::text($row, 'to', $at, 40)];
        foreach ([$from, $to] as $end) {
            isset($nodes[$end]) || throw ChainFormError::noNode($at, $end);
        }
        if ($from === $to) {
            throw ChainFormError::linkedToItself($at, $from);
        }
        $carrier = self::textOrNull($row, 'carrier', $at, 10);
        if (null !== $carrier && null === CarrierKind::tryFrom($carrier)) {
            throw ChainFormError::carrier($at, self::oneOf(CarrierKind::cases()));
        }

        return [
            'from' => $from,
            'to' => $to,
            'mechanism' => self::text($row, 'mechanism', $at, 60),
            'carrier' => $carrier,
            'why' => self::textOrNull($row, 'why', $at, 2000) ?? '',
            'by' => self::textOrNull($row, 'by', $at, 80) ?? '',
        ];
    }

    /**
     * @param array<mixed> $data
     *
     * @return list<array<mixed>>
     */
    private static function rows(array $data, string $key): array
    {
        $rows = $data[$key] ?? null;
        if (!\is_array($rows) || !array_is_list($rows) || $rows !== array_filter($rows, is_array(...))) {
            throw ChainFormError::noList($key);
        }

        return $rows;
    }

    /** @param array<mixed> $row */
    private static function text(array $row, string $key, string $at, int $most): string
    {
        return self::textOrNull($row, $key, $at, $most) ?? throw ChainFormError::missing($at, $key);
    }

    /** @param array<mixed> $row */
    private static function textOrNull(array $row, string $key, string $at, int $most): ?string
    {
        $value = $row[$key] ?? null;
        if (null !== $value && (!\is_string($value) || mb_strlen($value) > $most)) {
            throw ChainFormError::noText($at, $key, $most);
        }

        return '' === $value && 'evidence' !== $key ? null : $value;
    }

    /** @param array<mixed> $row */
    private static function numberOrNull(array $row, string $key, string $at, int $least, int $most): ?int
    {
        $value = $row[$key] ?? null;
        if (null !== $value && (!\is_int($value) || $value < $least || $value > $most)) {
            throw ChainFormError::noNumber($at, $key, $least, $most);
        }

        return $value;
    }

    /** @param array<\BackedEnum> $cases */
    private static function oneOf(array $cases): string
    {
        return implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $cases));
    }
}
