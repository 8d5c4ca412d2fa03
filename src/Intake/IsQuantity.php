<?php

declare(strict_types=1);

namespace App\Intake;

use Japhrex\Core\Quantity\Dimension;
use Symfony\Component\Validator\Constraint;

/** A text that, where it is not empty, is a quantity of one of these dimensions. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class IsQuantity extends Constraint
{
    /** @var list<Dimension> */
    public array $dimensions;

    public function __construct(string ...$dimensions)
    {
        parent::__construct();
        $this->dimensions = array_map(Dimension::from(...), array_values($dimensions));
    }
}
