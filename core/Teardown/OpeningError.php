<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

/** A unit that cannot be opened yet. The message says what is missing. */
final class OpeningError extends \DomainException
{
    /** @param list<string> $open */
    public static function notDone(array $open): self
    {
        return new self(\sprintf('Not yet: %s. If one is not needed, or was done elsewhere, say why and by whom.', implode('; ', $open)));
    }

    public static function liquidUnknown(): self
    {
        return new self('What is in it? If nobody knows, write so: it is handled as the worst that it can be.');
    }

    public static function noPrecautions(): self
    {
        return new self('Which precautions are taken: gloves, eye protection, a tray, air, no flame? Name them.');
    }

    public static function first(): self
    {
        return new self(
            'Before the first part comes off: say above that it is isolated, drained and turned empty, what is in it, and what is '
                .'done against that.',
        );
    }
}
