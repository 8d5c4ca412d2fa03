<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\Asset\VersionStrategy\VersionStrategyInterface;

/**
 * Puts everything that is shipped to the browser under one folder that is named anew when any of it changes (decision 0022). Scripts
 * that import each other, and fonts and pictures that a style sheet names, take the version along, and browsers keep all of it for good.
 */
final class AssetVersion implements VersionStrategyInterface
{
    private ?string $version = null;

    public function __construct(private readonly string $projectDir)
    {
    }

    public function getVersion(string $path): string
    {
        return $this->version ??= $this->made();
    }

    public function applyVersion(string $path): string
    {
        return 'v-'.$this->getVersion($path).'/'.ltrim($path, '/');
    }

    private function made(): string
    {
        $said = '';
        foreach (glob($this->projectDir.'/assets/{scripts,styles,vendor/*}/*', \GLOB_BRACE) ?: [] as $file) {
            $said .= $file.filemtime($file);
        }

        return hash('xxh32', $said);
    }
}
