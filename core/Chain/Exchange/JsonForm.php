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

    /** @throws \DomainException saying what is wrong with the file and what would be right */
    public static function read(string $json): ChainDocument
    {
        try {
            $data = json_decode($json, true, 32, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw new \DomainException(\sprintf('This is no JSON: %s.', $e->getMessage()));
        }
        if (!\is_array($data) || self::FORMAT !== ($data['format'] ?? null)) {
            throw new \DomainException(\sprintf('This is no chain: "format" is not "%s".', self::FORMAT));
        }
        if (self::VERSION !== ($data['version'] ?? null)) {
            throw new \DomainException(
                \sprintf('This chain is of version %s; version %d is read here.', json_encode($data['version'] ?? null), self::VERSION)
            );
        }
        $nodes = [];
        foreach (self::rows($data, 'nodes') as $i => $row) {
            $node = self::node($row, "nodes[$i]");
            if (isset($nodes[$node['id']])) {
                throw new \DomainException(\sprintf('nodes[%d]: the id "%s" stands twice.', $i, $node['id']));
            }
            $nodes[$node['id']] = $node;
        }
        $links = $joined = [];
        foreach (self::rows($data, 'links') as $i => $row) {
            $link = self::link($row, "links[$i]", $nodes);
            if (isset($joined[$link['from']][$link['to']])) {
                throw new \DomainException(\sprintf('links[%d]: "%s" and "%s" are linked twice.', $i, $link['from'], $link['to']));
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
        $kind = NodeKind::tryFrom(self::text($row, 'kind', $at, 12)) ?? throw new \DomainException(
            \sprintf('%s.kind: expected one of %s.', $at, self::oneOf(NodeKind::cases()))
        );
        $origin = self::textOrNull($row, 'origin', $at, 20);
        if (NodeKind::Origin === $kind && null === OriginKind::tryFrom((string) $origin)) {
            throw new \DomainException(\sprintf('%s.origin: expected one of %s.', $at, self::oneOf(OriginKind::cases())));
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
            isset($nodes[$end]) || throw new \DomainException(\sprintf('%s: there is no node "%s".', $at, $end));
        }
        if ($from === $to) {
            throw new \DomainException(\sprintf('%s: "%s" is linked to itself.', $at, $from));
        }
        $carrier = self::textOrNull($row, 'carrier', $at, 10);
        if (null !== $carrier && null === CarrierKind::tryFrom($carrier)) {
            throw new \DomainException(\sprintf('%s.carrier: expected null or one of %s.', $at, self::oneOf(CarrierKind::cases())));
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
            throw new \DomainException(\sprintf('"%s" is missing, or is no list of objects.', $key));
        }

        return $rows;
    }

    /** @param array<mixed> $row */
    private static function text(array $row, string $key, string $at, int $most): string
    {
        return self::textOrNull($row, $key, $at, $most) ?? throw new \DomainException(\sprintf('%s: "%s" is missing.', $at, $key));
    }

    /** @param array<mixed> $row */
    private static function textOrNull(array $row, string $key, string $at, int $most): ?string
    {
        $value = $row[$key] ?? null;
        if (null !== $value && (!\is_string($value) || mb_strlen($value) > $most)) {
            throw new \DomainException(\sprintf('%s: "%s" is a text of at most %d letters.', $at, $key, $most));
        }

        return '' === $value && 'evidence' !== $key ? null : $value;
    }

    /** @param array<mixed> $row */
    private static function numberOrNull(array $row, string $key, string $at, int $least, int $most): ?int
    {
        $value = $row[$key] ?? null;
        if (null !== $value && (!\is_int($value) || $value < $least || $value > $most)) {
            throw new \DomainException(\sprintf('%s: "%s" is a whole number from %d to %d.', $at, $key, $least, $most));
        }

        return $value;
    }

    /** @param array<\BackedEnum> $cases */
    private static function oneOf(array $cases): string
    {
        return implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $cases));
    }
}
