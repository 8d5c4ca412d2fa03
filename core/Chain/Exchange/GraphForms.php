<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Exchange;

/** A chain for other programs that read graphs: DOT (the language of Graphviz) and GraphML. */
final class GraphForms
{
    private const NODE_KEYS = [
        'kind' => 'string',
        'name' => 'string',
        'place' => 'string',
        'origin' => 'string',
        'order' => 'int',
        'mode' => 'string',
        'grade' => 'int',
        'complaint' => 'string',
        'evidence' => 'string',
        'by' => 'string',
    ];
    private const LINK_KEYS = ['mechanism' => 'string', 'carrier' => 'string', 'why' => 'string', 'by' => 'string'];

    public static function dot(ChainDocument $chain): string
    {
        $dot = \sprintf("digraph chain {\n  rankdir=LR;\n  label=%s;\n  node [shape=box];\n", self::quoted($chain->case));
        foreach ($chain->nodes as $node) {
            $dot .= '  '.self::quoted($node['id']).' ['.self::attributes(
                ['label' => $node['name']] + array_diff_key($node, ['id' => 0, 'name' => 0])
            )."];\n";
        }
        foreach ($chain->links as $link) {
            $dot .= '  '.self::quoted($link['from']).' -> '.self::quoted($link['to']).' ['.self::attributes(
                ['label' => $link['mechanism']] + array_diff_key($link, ['from' => 0, 'to' => 0, 'mechanism' => 0])
            )."];\n";
        }

        return $dot."}\n";
    }

    public static function graphMl(ChainDocument $chain): string
    {
        $xml = new \DOMDocument('1.0', 'UTF-8');
        $xml->formatOutput = true;
        $root = $xml->appendChild($xml->createElementNS('http://graphml.graphdrawing.org/xmlns', 'graphml'));
        foreach (['node' => self::NODE_KEYS, 'edge' => self::LINK_KEYS] as $for => $keys) {
            foreach ($keys as $key => $type) {
                self::add($root, 'key', ['id' => $for.'-'.$key, 'for' => $for, 'attr.name' => $key, 'attr.type' => $type]);
            }
        }
        $graph = self::add($root, 'graph', ['id' => $chain->case, 'edgedefault' => 'directed']);
        foreach ($chain->nodes as $node) {
            self::filled(self::add($graph, 'node', ['id' => $node['id']]), 'node', array_intersect_key($node, self::NODE_KEYS));
        }
        foreach ($chain->links as $link) {
            self::filled(
                self::add($graph, 'edge', ['source' => $link['from'], 'target' => $link['to']]),
                'edge',
                array_intersect_key($link, self::LINK_KEYS),
            );
        }

        return (string) $xml->saveXML();
    }

    /** @param array<string, string|int|null> $values */
    private static function filled(\DOMElement $at, string $for, array $values): void
    {
        foreach ($values as $key => $value) {
            if (null !== $value && '' !== $value) {
                self::add($at, 'data', ['key' => $for.'-'.$key])->appendChild(new \DOMText((string) $value));
            }
        }
    }

    /** @param array<string, string> $attributes */
    private static function add(\DOMNode $parent, string $name, array $attributes): \DOMElement
    {
        $element = (
            $parent->ownerDocument ?? throw new \LogicException('A node of a document.')
        )->createElementNS('http://graphml.graphdrawing.org/xmlns', $name);
        foreach ($attributes as $key => $value) {
            $element->setAttribute($key, $value);
        }
        $parent->appendChild($element);

        return $element;
    }

    /** @param array<string, string|int|null> $values */
    private static function attributes(array $values): string
    {
        $set = array_filter($values, static fn (string|int|null $value): bool => null !== $value && '' !== $value);

        return implode(
            ', ',
            array_map(static fn (string $key, string|int $value): string => $key.'='.self::quoted((string) $value), array_keys($set), $set),
        );
    }

    private static function quoted(string $text): string
    {
        return '"'.str_replace(['\\', '"', "\n"], ['\\\\', '\\"', '\\n'], $text).'"';
    }
}
