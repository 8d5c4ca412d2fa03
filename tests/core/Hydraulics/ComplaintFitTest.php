<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Hydraulics;

use Japhrex\Core\Hydraulics\ComplaintFit;
use Japhrex\Core\Hydraulics\WearPattern;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How a complaint goes with the states in which the worn pump fails. */
final class ComplaintFitTest extends TestCase
{
    /** @param list<string> $felt */
    #[DataProvider('complaints')]
    public function testTheSentenceFollowsFromBoth(WearPattern $pattern, array $felt, bool $explains, string $said): void
    {
        $fit = ComplaintFit::of($pattern, $felt);
        self::assertSame($explains, $fit->explains);
        self::assertStringContainsString($said, $fit->sentence);
    }

    /** @return iterable<string, array{WearPattern, list<string>, bool, string}> */
    public static function complaints(): iterable
    {
        $all = ['cold-idle', 'cold-working', 'hot-idle', 'hot-working'];
        yield 'exactly there' => [WearPattern::HotIdle, ['hot-idle'], true, 'felt hot at idle, exactly where'];
        yield 'hot at any speed' => [WearPattern::Hot, ['hot-idle', 'hot-working'], true, 'hot at idle and hot at working speed'];
        yield 'fails more than is felt' => [
            WearPattern::Hot,
            ['hot-idle'],
            true,
            'should also fail hot at working speed. Ask whether it does',
        ];
        yield 'felt more than it fails' => [
            WearPattern::HotIdle,
            ['hot-idle', 'cold-idle'],
            false,
            'only a part: hot at idle. It is also felt cold at idle',
        ];
        yield 'felt elsewhere' => [WearPattern::HotIdle, ['cold-working'], false, 'Look for a second cause'];
        yield 'good clearances' => [WearPattern::Never, $all, false, 'does not explain it. Look elsewhere'];
        yield 'always' => [WearPattern::Always, $all, true, 'it is felt always'];
        yield 'a new one fails too' => [WearPattern::NewFails, ['hot-idle'], false, 'a new pump would miss the need as well'];
        yield 'not told' => [WearPattern::HotIdle, [], false, 'Ask: this wear fails hot at idle'];
    }
}
