<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Figure\Range;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** Times to failure, bare, `+` for those still running: `410;530+;800+x2`. */
final readonly class Times implements Takes
{
    public function words(): string
    {
        return 'times above 0, + for still running, such as 410;530+;800+x2';
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $values = $echo = [];
        foreach (Items::of($text, $this->words()) as $item) {
            $isRunning = str_ends_with($item->text, '+');
            $time = $this->time($isRunning ? rtrim(substr($item->text, 0, -1)) : $item->text);
            $values[] = new Life($time->si, $isRunning, $item->times);
            $echo[] = $isRunning || $item->isRepeated() ? $item->typed : Taken::say($time);
        }

        return new Taken($values, $echo);
    }

    private function time(string $text): Quantity
    {
        return OneQuantity::read($text, Dimension::Number, Range::positive());
    }
}
