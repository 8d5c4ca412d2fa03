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

    /** @throws BookError naming the place that cannot be read */
    public static function of(Data $data): self
    {
        return new self($data->text('maker'), $data->text('model'), $data->words('facts'), $data->texts('beware'));
    }

    /** @param string $name maker and model as somebody writes them */
    public function isCalled(string $name): bool
    {
        $plain = static fn (string $words): string => (string) preg_replace('/[^A-Z0-9]/', '', strtoupper($words));

        return '' !== $plain($name) && $plain($this->name()) === $plain($name);
    }

    public function name(): string
    {
        return $this->maker.' '.$this->model;
    }
}
