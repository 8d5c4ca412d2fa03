<?php

declare(strict_types=1);

namespace App\Shop\Doctor;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** Something that the doctor looks at. */
#[AutoconfigureTag(self::TAG)]
interface Check
{
    public const TAG = 'app.doctor_check';

    /** @return list<Symptom> */
    public function look(): array;
}
