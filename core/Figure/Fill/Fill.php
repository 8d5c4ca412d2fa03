<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

/**
 * A figure with what its keys are filled from.
 *
 * The text of a key is taken as it stands, but for what lies between braces: references to readings
 * (`{drive-gear/thickness}`) and facts (`{case:displacement}`), added with ` + ` or ` - ` and divided by a number
 * (`{front-bushes/bore - drive-gear/journal / 2}`).
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
        $references = [];
        foreach ($this->keys as $text) {
            preg_match_all('/\{([^{}]*)\}/', $text, $found);
            foreach ($found[1] as $inside) {
                $references = [...$references, ...Expression::of($inside)->references()];
            }
        }

        return array_values(array_unique($references));
    }
}
