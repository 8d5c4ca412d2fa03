<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Memory;

use Japhrex\Core\Chain\Diagnose\CaseReader;
use Japhrex\Core\Chain\Diagnose\Diagnosis;
use Japhrex\Core\Chain\Diagnose\Words;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** The failures from which the demo's earlier years are made are such as the engine explains: what was signed is among its first three. */
#[Group('slow')]
final class YearsBeforeTest extends TestCase
{
    private const ROOT = __DIR__.'/../../../';

    /** @return iterable<string, array{array<string, string>}> */
    public static function stories(): iterable
    {
        /** @var array{stories: array<string, array<string, string>>} $file */
        $file = Yaml::parseFile(self::ROOT.'demo/years.yaml');
        foreach ($file['stories'] as $key => $story) {
            yield $key => [$story];
        }
    }

    /** @param array<string, string> $story */
    #[DataProvider('stories')]
    public function testTheEngineExplainsIt(array $story): void
    {
        $book = Books::book($story['family']);
        $mechanisms = Books::mechanisms()->with($book);
        $words = new Words($book, Books::modes(), $mechanisms->vocabulary);
        $seen = array_map(static function (string $find): array {
            [$place, $mode, $grade] = explode(' ', trim($find));

            return ['place' => $place, 'mode' => $mode, 'grade' => (int) $grade];
        }, explode(';', $story['finds']));
        $case = [
            'family' => $story['family'],
            'complaints' => [['what' => $story['complaint'], 'onset' => $story['onset']]
                + (isset($story['warmth']) ? ['hot' => 'hot' === $story['warmth']] : [])],
            'seen' => $seen, 'comeback' => 'leftover-debris' === $story['origin'],
            'clean' => array_map(static fn (string $part): array => ['place' => $part], explode(' ', $story['clean'])),
        ];
        /** @var list<array{origin: string, place: string}> $candidates */
        $candidates = (new Diagnosis($words, $mechanisms->mechanisms))->of(...(new CaseReader($words))->read($case))['candidates'];
        $first = array_map(
            static fn (array $one): string => implode('@', array_filter([$one['origin'], $one['place']])),
            \array_slice($candidates, 0, 3),
        );
        self::assertContains(implode('@', array_filter([$story['origin'], $story['place'] ?? ''])), $first);
    }
}
