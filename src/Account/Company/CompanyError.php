<?php

declare(strict_types=1);

namespace App\Account\Company;

/** Why the company's identity provider let nobody in here. */
final class CompanyError extends \RuntimeException
{
    public static function silent(\Throwable $why): self
    {
        return new self('The company\'s log-in does not answer as it should. Sign in with your password, or try again later.', 0, $why);
    }

    public static function notAsked(): self
    {
        return new self('That is no answer to what was asked from this browser. Begin once more.');
    }

    public static function notTheirs(\Throwable|string $why): self
    {
        return new self(
            'What came back is not signed as the company signs it. Tell an analyst.',
            0,
            \is_string($why) ? new \RuntimeException($why) : $why,
        );
    }

    public static function unknown(string $name): self
    {
        return new self("The company knows you as “{$name}”, and nobody here has that name to sign in with or that mail. Ask an analyst.");
    }
}
