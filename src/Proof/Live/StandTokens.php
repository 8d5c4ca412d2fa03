<?php

declare(strict_types=1);

namespace App\Proof\Live;

use App\Account\Device;
use App\Account\DeviceOwners;
use App\Proof\Repository\TestStandRepository;

final readonly class StandTokens implements DeviceOwners
{
    public function __construct(private TestStandRepository $stands)
    {
    }

    public function withToken(string $hash): ?Device
    {
        $stand = $this->stands->withToken($hash);

        return null === $stand || !$stand->tokenOpens() ? null : new Device($stand, $hash, $stand->name, 'ROLE_STAND');
    }
}
