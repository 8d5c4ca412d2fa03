<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

/** What was typed of a feature is no value of it. */
final class IdentityError extends \DomainException
{
    public static function noCount(Feature $feature, string $typed): self
    {
        return new self(\sprintf('%s: "%s" is no count; expected a whole number, as 12.', $feature->name, $typed));
    }

    public static function noSize(Feature $feature, string $typed): self
    {
        return new self(\sprintf(
            '%s: "%s" is no %s; expected a number above nought with its unit, as %s.',
            $feature->name,
            $typed,
            $feature->dimension->value ?? 'size',
            $feature->example(),
        ));
    }
}
