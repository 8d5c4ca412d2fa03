<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Family\Field;
use Japhrex\Core\Measuring\Assessment;
use Japhrex\Core\Measuring\FieldAssessment;

/** A size of a part against the limits for one more run and for a rebuild. */
final readonly class JudgedField
{
    /**
     * @param ?FieldAssessment $service null: not measured
     * @param ?FieldAssessment $rebuild null: not measured, or no such limit
     * @param ?Assessment $form of out-of-round, taper, run-out
     */
    public function __construct(
        public Field $field,
        public ?FieldAssessment $service,
        public ?FieldAssessment $rebuild,
        public ?Assessment $form = null,
    ) {
    }
}
