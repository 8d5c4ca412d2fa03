<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\Asset\VersionStrategy\VersionStrategyInterface;

/** Names a shipped file together with its time of change, so that browsers may keep it for good. */
final readonly class AssetVersion implements VersionStrategyInterface
{
    public function __construct(private string $projectDir)
    {
    }

    public function getVersion(string $path): string
    {
        $time = @filemtime($this->projectDir.'/assets/'.ltrim($path, '/'));

        return false === $time ? '0' : dechex($time);
    }

    public function applyVersion(string $path): string
    {
        return $path.'?v='.$this->getVersion($path);
    }
}
