<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A stage whose devices sign in with a token. */
#[AutoconfigureTag(self::TAG)]
interface DeviceOwners
{
    public const TAG = 'app.device_owners';

    /** @param non-empty-string $hash of a token */
    public function withToken(string $hash): ?Device;
}
