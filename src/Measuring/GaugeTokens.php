<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Device;
use App\Account\DeviceOwners;
use App\Measuring\Repository\GaugeRepository;

final readonly class GaugeTokens implements DeviceOwners
{
    public function __construct(private GaugeRepository $gauges)
    {
    }

    public function withToken(string $hash): ?Device
    {
        $gauge = $this->gauges->withToken($hash);

        return null === $gauge || !$gauge->tokenOpens() ? null : new Device($gauge, $hash, 'gauge '.$gauge->name, 'ROLE_GAUGE');
    }
}
