<?php

declare(strict_types=1);

namespace App\Intake;

use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\ConstraintValidator;

final class IsQuantityValidator extends ConstraintValidator
{
    public function validate(mixed $value, Constraint $constraint): void
    {
        if (!$constraint instanceof IsQuantity || !\is_string($value) || '' === trim($value)) {
            return;
        }
        $said = null;
        foreach ($constraint->dimensions as $dimension) {
            try {
                Quantity::parse($value, $dimension);

                return;
            } catch (QuantityError $error) {
                $said ??= $error->getMessage();
            }
        }
        $this->context->addViolation((string) $said);
    }
}
