<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

/** One item of a list. */
final readonly class Item
{
    /**
     * @param string $text without its `xN`
     * @param int $times how often it counts
     * @param string $typed the whole of it
     */
    public function __construct(public string $text, public int $times, public string $typed)
    {
    }

    public function isRepeated(): bool
    {
        return $this->text !== $this->typed;
    }
}
