<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Chain\Ground;

use Japhrex\Core\Chain\Ground\CausalOrder;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CausalOrderTest extends TestCase
{
    public function testHeatMayNotBringAboutTheWearThatBroughtItAbout(): void
    {
        $order = new CausalOrder(['heat', 'leakage', 'wear']);
        self::assertTrue($order->tie('wear', 'leakage'));
        self::assertTrue($order->tie('leakage', 'heat'));
        self::assertFalse($order->tie('heat', 'wear'));
        self::assertTrue($order->tie('wear', 'leakage'), 'a second way from one to the other');
        self::assertTrue($order->tie('wear', 'heat'));
    }

    /** A tie closes a loop where its cause can be reached from its effect, by the definition. */
    public function testItRefusesWhatClosesALoopAndNothingElse(): void
    {
        for ($seed = 1; $seed <= 30; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $order = new CausalOrder(array_map(static fn (int $one): string => "c$one", range(0, 11)));
            $next = [];
            for ($i = 0; $i < 60; ++$i) {
                [$from, $to] = [$random->getInt(0, 11), $random->getInt(0, 11)];
                if ($from === $to) {
                    continue;
                }
                $closes = isset(self::reached($next, $to)[$from]);
                self::assertSame(!$closes, $order->tie("c$from", "c$to"), "seed $seed, c$from to c$to");
                if (!$closes) {
                    $next[$from][$to] = true;
                }
            }
        }
    }

    /**
     * @param array<int, array<int, true>> $next
     *
     * @return array<int, true>
     */
    private static function reached(array $next, int $from): array
    {
        $reached = [$from => true];
        foreach (array_keys($next[$from] ?? []) as $to) {
            $reached += self::reached($next, $to);
        }

        return $reached;
    }
}
