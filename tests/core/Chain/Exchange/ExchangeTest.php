<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Exchange;

use Japhrex\Core\Chain\Exchange\ChainDocument;
use Japhrex\Core\Chain\Exchange\GraphForms;
use Japhrex\Core\Chain\Exchange\JsonForm;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A chain out to other programs and back. */
final class ExchangeTest extends TestCase
{
    private static function chain(): ChainDocument
    {
        $node = [
            'place' => null,
            'origin' => null,
            'order' => null,
            'mode' => null,
            'grade' => null,
            'complaint' => null,
            'evidence' => '',
            'by' => 'analyst 1',
        ];

        return new ChainDocument('external-gear-pump', 'OQ-26-0900', [
            [
                'id' => 'n1',
                'kind' => 'origin',
                'name' => 'Dirt "let in" & left <there>',
                'origin' => 'contamination',
                'evidence' => "grains in the\nfunnel",
            ] + $node,
            [
                'id' => 'n2',
                'kind' => 'damage',
                'name' => 'Scoring',
                'place' => 'front-block/face',
                'mode' => 'scoring',
                'grade' => 3,
                'order' => 2,
            ] + $node,
            ['id' => 'n3', 'kind' => 'complaint', 'name' => 'Low flow', 'complaint' => 'low-flow'] + $node,
        ], [
            ['from' => 'n1', 'to' => 'n2', 'mechanism' => 'abrasion', 'carrier' => 'oil', 'why' => 'even lines', 'by' => 'analyst 1'],
            ['from' => 'n2', 'to' => 'n3', 'mechanism' => 'noticed-as', 'carrier' => null, 'why' => '', 'by' => ''],
        ]);
    }

    public function testJsonReadsBackAsItWasWritten(): void
    {
        self::assertEquals(self::chain(), JsonForm::read(JsonForm::write(self::chain())));
    }

    /** @return iterable<string, array{callable(array<mixed>): mixed, string}> */
    public static function broken(): iterable
    {
        yield 'another format' => [static fn (array $c): array => ['format' => 'something'] + $c, '"format" is not "japhrex-chain"'];
        yield 'a later version' => [static fn (array $c): array => ['version' => 9] + $c, 'of version 9; version 1 is read here'];
        yield 'no nodes' => [static fn (array $c): array => array_diff_key($c, ['nodes' => 0]), '"nodes" is missing'];
        yield 'a kind that is none' => [
            static fn (array $c): array => array_replace_recursive($c, ['nodes' => [['kind' => 'ghost']]]),
            'nodes[0].kind: expected one of origin, damage, state, complaint',
        ];
        yield 'an origin without its kind' => [
            static fn (array $c): array => array_replace_recursive($c, ['nodes' => [['origin' => null]]]),
            'nodes[0].origin: expected one of wrong-part',
        ];
        yield 'an id twice' => [
            static fn (array $c): array => array_replace_recursive($c, ['nodes' => [1 => ['id' => 'n1']]]),
            'the id "n1" stands twice',
        ];
        yield 'a grade of five' => [
            static fn (array $c): array => array_replace_recursive($c, ['nodes' => [1 => ['grade' => 5]]]),
            '"grade" is a whole number from 0 to 4',
        ];
        yield 'a link to nowhere' => [
            static fn (array $c): array => array_replace_recursive($c, ['links' => [['to' => 'n9']]]),
            'links[0]: there is no node "n9"',
        ];
        yield 'a link to itself' => [
            static fn (array $c): array => array_replace_recursive($c, ['links' => [['to' => 'n1']]]),
            '"n1" is linked to itself',
        ];
        yield 'a link twice' => [
            static fn (array $c): array => array_replace_recursive($c, ['links' => [1 => ['from' => 'n1', 'to' => 'n2']]]),
            'are linked twice',
        ];
        yield 'a carrier that is none' => [
            static fn (array $c): array => array_replace_recursive($c, ['links' => [['carrier' => 'magic']]]),
            'links[0].carrier: expected null or one of oil, touch',
        ];
    }

    /** @param callable(array<mixed>): mixed $breaks */
    #[DataProvider('broken')]
    public function testWhatIsWrongIsNamedWithItsPlace(callable $breaks, string $said): void
    {
        $this->expectException(\DomainException::class);
        $this->expectExceptionMessage($said);
        JsonForm::read((string) json_encode($breaks((array) json_decode(JsonForm::write(self::chain()), true))));
    }

    public function testWhatIsNoJsonIsSaidToBeNone(): void
    {
        $this->expectExceptionMessage('This is no JSON');
        JsonForm::read('digraph {}');
    }

    public function testDotIsReadByGraphvizAndHoldsEveryNodeAndLink(): void
    {
        $dot = GraphForms::dot(self::chain());
        self::assertStringContainsString(
            '"n1" [label="Dirt \"let in\" & left <there>", kind="origin", origin="contamination", evidence="grains in '
                .'the\nfunnel", by="analyst 1"];',
            $dot,
        );
        self::assertStringContainsString('"n1" -> "n2" [label="abrasion", carrier="oil", why="even lines", by="analyst 1"];', $dot);
    }

    public function testGraphMlIsWellFormedWithDeclaredKeys(): void
    {
        $xml = new \DOMDocument();
        self::assertTrue($xml->loadXML(GraphForms::graphMl(self::chain())));
        $path = new \DOMXPath($xml);
        $path->registerNamespace('g', 'http://graphml.graphdrawing.org/xmlns');
        self::assertSame(3.0, $path->evaluate('count(//g:node)'));
        self::assertSame('n2', $path->evaluate('string(//g:edge[1]/@target)'));
        self::assertSame('Dirt "let in" & left <there>', $path->evaluate('string(//g:node[@id="n1"]/g:data[@key="node-name"])'));
        self::assertSame(0.0, $path->evaluate('count(//g:data[not(@key = //g:key/@id)])'), 'every value has a key that is declared');
    }
}
