<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** A model of this family, with what is known of it. */
final readonly class Model
{
    /**
     * @param array<string, string> $facts name => value as written
     * @param list<string> $beware in what it is not as its smaller sibling, whose instructions somebody will have at hand
     */
    public function __construct(public string $maker, public string $model, public array $facts, public array $beware = [])
    {
    }

    public function name(): string
    {
        return $this->maker.' '.$this->model;
    }
}
