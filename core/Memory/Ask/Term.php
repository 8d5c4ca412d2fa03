<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** One thing that is asked, with how it was typed and how it was understood. */
final readonly class Term
{
    /**
     * @param string $typed as it stands in the line
     * @param int $at where it begins there, in characters
     * @param string $says how it was understood, in words
     * @param bool $isGuess was it a bare word that the books know? It can be asked for as a word instead
     */
    public function __construct(
        public Condition $is,
        public string $typed,
        public int $at,
        public string $says,
        public bool $not = false,
        public bool $isGuess = false,
    ) {
    }
}
