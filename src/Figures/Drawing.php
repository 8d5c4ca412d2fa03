<?php

declare(strict_types=1);

namespace App\Figures;

/** A picture of a figure: the template that draws it and what it draws. */
final readonly class Drawing
{
    /**
     * @param array<string, mixed> $data
     */
    public function __construct(public string $template, public array $data)
    {
    }
}
