<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Family;

use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Family\SeenFinding;
use Japhrex\Core\Family\Watch;
use Japhrex\Core\Family\WatchAnswer;
use Japhrex\Tests\Books;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WatchAnswerTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{string|null, FindingKind}>, WatchAnswer}> */
    public static function finds(): iterable
    {
        yield 'nobody looked' => ['cover/drain', [], WatchAnswer::Open];
        yield 'damage at the place' => ['cover/drain', [['joint', FindingKind::Clean], ['drain', FindingKind::Damage]], WatchAnswer::Found];
        yield 'damage of the part as a whole' => ['cover/drain', [[null, FindingKind::Damage]], WatchAnswer::Found];
        yield 'the whole part is clean' => ['cover/drain', [[null, FindingKind::Clean]], WatchAnswer::Clean];
        yield 'normal running there' => ['cover/drain', [['drain', FindingKind::Normal]], WatchAnswer::Clean];
        yield 'damage somewhere else on it' => ['cover/drain', [['joint', FindingKind::Damage]], WatchAnswer::PartSeen];
        yield 'an old scar answers nothing' => ['cover/drain', [['drain', FindingKind::OldScar]], WatchAnswer::PartSeen];
        yield 'what was noted in passing is no look' => ['cover/drain', [[null, FindingKind::Noted]], WatchAnswer::Open];
        yield 'the part is the place' => ['seal', [['lip', FindingKind::Damage]], WatchAnswer::Found];
        yield 'found and clean contradict: what was found counts' => [
            'cover/drain',
            [[null, FindingKind::Clean], ['drain', FindingKind::Damage]],
            WatchAnswer::Found,
        ];
    }

    /** @param list<array{string|null, FindingKind}> $finds */
    #[DataProvider('finds')]
    public function testWhatWasFoundAnswersAKnownWeakPlace(string $place, array $finds, WatchAnswer $expected): void
    {
        $watch = new Watch('w', $place, 'what', 'tell', []);
        self::assertSame(
            $expected,
            WatchAnswer::to($watch, array_map(static fn (array $find): SeenFinding => new SeenFinding($find[0], $find[1]), $finds))[0],
        );
    }

    public function testEveryWeakPlaceOfTheBooksSaysByWhichDamageItIsFound(): void
    {
        $modes = Books::modes();
        $named = 0;
        foreach (Books::files('*.yaml') as $file => $content) {
            foreach ((array) ($content['watch'] ?? []) as $key => $watch) {
                self::assertIsArray($watch);
                self::assertIsString($watch['mode'] ?? null, $file.' '.$key);
                self::assertNotNull($modes->get($watch['mode']), $watch['mode']);
                ++$named;
            }
        }
        self::assertGreaterThan(60, $named);
    }
}
