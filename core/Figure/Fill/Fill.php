<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

/**
 * A figure with what its keys are filled from.
 *
 * The text of a key is taken as it stands, but for what lies between braces: references to readings
 * (`{drive-gear/seal-land}`) and facts (`{case:displacement}`), added with ` + ` or ` - ` and divided by a number. Of a
 * reading at several places it says what it takes (`{each(front-bushes/bore) - each(drive-gear/journal) / 2}`).
 */
final readonly class Fill
{
    /**
     * @param array<string, string> $keys
     * @param string $result the one asked for where one is needed
     */
    public function __construct(public string $figure, public array $keys, public string $result = '')
    {
    }

    /** @return list<string> the readings and facts it looks at, each once */
    public function references(): array
    {
        return array_values(array_unique(array_map(static fn (Term $term): string => $term->reference, $this->readings())));
    }

    /** @return list<Term> each reading or fact with what is taken of it */
    public function readings(): array
    {
        $terms = [];
        foreach ($this->keys as $text) {
            preg_match_all('/\{([^{}]*)\}/', $text, $found);
            foreach ($found[1] as $inside) {
                $terms = [...$terms, ...Expression::of($inside)->readings()];
            }
        }

        return $terms;
    }

    /** @return list<string> what it takes place by place; what does not say is not averaged either */
    public function eachOf(): array
    {
        return array_values(
            array_unique(
                array_map(
                    static fn (Term $term): string => $term->reference,
                    array_filter($this->readings(), static fn (Term $term): bool => null === $term->take || Take::Each === $term->take),
                )
            )
        );
    }
}
