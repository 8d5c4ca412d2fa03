<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** A text of the case's head has these letters in it, or is these letters and no more. */
final readonly class Contains implements Condition
{
    /** @param non-empty-list<string> $any one of them is enough */
    public function __construct(public AskField $field, public array $any, public bool $isWhole = false)
    {
    }
}
