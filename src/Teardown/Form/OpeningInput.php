<?php

declare(strict_types=1);

namespace App\Teardown\Form;

use App\Platform\Words;

/** What is said before a unit is opened. */
final readonly class OpeningInput
{
    /** @var list<string> */
    public array $ticked;

    public string $instead;

    public string $liquid;

    public string $precautions;

    public string $manual;

    public string $section;

    /** @param array<mixed> $ticked */
    public function __construct(
        array $ticked = [],
        string $instead = '',
        string $liquid = '',
        string $precautions = '',
        string $manual = '',
        string $section = '',
    ) {
        $this->ticked = array_values(array_filter($ticked, is_string(...)));
        $this->instead = Words::of($instead, 500);
        $this->liquid = Words::of($liquid, 200);
        $this->precautions = Words::of($precautions, 500);
        $this->manual = Words::of($manual, 200);
        $this->section = Words::of($section, 120);
    }
}
