<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\LookFact;
use Japhrex\Core\Chain\Ground\Pieces;
use Japhrex\Core\Chain\Ground\Spot;
use Japhrex\Core\Chain\Mechanism\Weights;
use Japhrex\Core\Damage\DebrisKind;
use Japhrex\Core\Damage\PieceShape;
use Japhrex\Core\Family\Book;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A piece that lies in a pan or a strainer is of a part that has such pieces, and speaks for its break. */
final class PiecesTest extends TestCase
{
    private static function book(string $family): Book
    {
        return Books::book($family);
    }

    private static function weights(): Weights
    {
        return Books::mechanisms()->vocabulary->weights;
    }

    /** @return iterable<string, array{string, PieceShape, list<DebrisKind>, list<string>, list<string>}> among them; not among them */
    public static function pieces(): iterable
    {
        yield 'half a needle in a gearbox' => [
            'reversing-gearbox', PieceShape::Needle, [DebrisKind::Steel], ['output-joint', 'tapers'], ['gears', 'pump', 'ahead-pack'],
        ];
        yield 'a corner of a tooth' => ['transfer-case', PieceShape::ToothCorner, [], ['planet', 'chain'], ['rear-bearing', 'clutch-pack']];
        yield 'a bronze flake is of no steel gear' => ['external-gear-pump', PieceShape::Flake, [DebrisKind::Bronze], [], ['drive-gear']];
        yield 'a curl is of no part' => ['external-gear-pump', PieceShape::Curl, [], [], ['drive-gear', 'coupling']];
        yield 'rubber is of a seal' => ['external-gear-pump', PieceShape::SealPiece, [DebrisKind::Rubber], ['rear-load-seal'], ['body']];
    }

    /**
     * @param list<DebrisKind> $made
     * @param list<string> $among
     * @param list<string> $not
     */
    #[DataProvider('pieces')]
    public function testAPieceIsOfAPartThatHasSuch(string $family, PieceShape $shape, array $made, array $among, array $not): void
    {
        $from = Pieces::from(self::book($family), $shape, $made);
        self::assertSame([], array_diff($among, $from));
        self::assertSame([], array_intersect($not, $from));
        self::assertSame([], array_filter($from, static fn (string $part): bool => 'motor' === $part), 'nothing of the machine');
    }

    /** Found in 0.7 where the part is broken; by another way in 0.05, in 0.7 where it is of another that fits. */
    public function testTheFewerItFitsTheMoreItSays(): void
    {
        $book = self::book('transfer-case');
        $fits = Pieces::from($book, PieceShape::VanePiece);
        $all = Pieces::from($book, PieceShape::Needle);
        self::assertSame([], $fits, 'it has no vanes');
        $spots = [];
        foreach ($all as $part) {
            $spots[Spot::idOf('damage', 'fracture', $part)] = new Spot('damage', 'fracture', $part, 'Fracture', 0.01);
        }
        $look = new LookFact('pickup', 'screen', 'debris', 2, shape: PieceShape::Needle);
        $weights = self::weights();
        $evidence = Pieces::evidence([$look], $book, $spots, $weights);
        self::assertCount(\count($all), $evidence);
        self::assertEqualsWithDelta(0.05 + 0.65 * (1 - 1 / \count($all)), $evidence[0]->ifFalse, 1e-12);
        self::assertSame(0.7, $evidence[0]->ifTrue);
        $shapeless = new LookFact('pickup', 'screen', 'debris', 2);
        self::assertSame([], Pieces::evidence([$shapeless], $book, $spots, $weights), 'no shape says nothing');
    }
}
