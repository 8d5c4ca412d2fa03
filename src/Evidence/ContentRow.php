<?php

declare(strict_types=1);

namespace App\Evidence;

use Japhrex\Core\Family\Content;

/** What must be in this model, and what was found. */
final readonly class ContentRow
{
    /**
     * @param string $should empty: the book does not say for this model
     */
    public function __construct(public Content $content, public string $should, public ?ContentCheck $check)
    {
    }
}
