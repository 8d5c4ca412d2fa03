<?php

declare(strict_types=1);

namespace App\Laboratory;

use Japhrex\Core\Laboratory\Laboratory;
use Symfony\Component\Yaml\Yaml;

/** What laboratories read, as `books/laboratory/` has it. */
final class LabShelf
{
    private ?Laboratory $laboratory = null;

    public function __construct(private readonly string $projectDir)
    {
    }

    public function laboratory(): Laboratory
    {
        return $this->laboratory ??= Laboratory::of((array) Yaml::parseFile($this->projectDir.'/books/laboratory/oil.yaml'));
    }
}
