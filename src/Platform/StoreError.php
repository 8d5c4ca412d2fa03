<?php

declare(strict_types=1);

namespace App\Platform;

/** A place for the files that cannot be used. */
final class StoreError extends \DomainException
{
    public static function noBucket(): self
    {
        return new self('JAPHREX_STORE names no bucket. Expected a folder, or s3://KEY:SECRET@host/bucket with an optional /folder, '
                    .'?region=… and plain=1.');
    }
}
