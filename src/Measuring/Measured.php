<?php

declare(strict_types=1);

namespace App\Measuring;

use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\FormKind;
use Japhrex\Core\Family\LimitSet;
use Japhrex\Core\Figure\Fill\Derived;
use Japhrex\Core\Measuring\Assessment;
use Japhrex\Core\Measuring\Form;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\Size;
use Japhrex\Core\Measuring\Verdict;

/** One field of a part in a case: what was read, what was worked out, against which limits. */
final readonly class Measured
{
    /**
     * @param Limits|null $limits those that count
     * @param list<LimitSet> $sets those of all sources, for the duty of the case
     * @param Assessment|null $read of the reading
     * @param Assessment|null $workedOut of the size worked out
     * @param string $asFound of an adjuster, before it was touched
     * @param list<string> $warnings
     */
    public function __construct(
        public string $part,
        public Field $field,
        public ?Limits $limits,
        public array $sets,
        public bool $disputed,
        public ?LimitChoice $choice,
        public ?Reading $reading,
        public ?Size $size,
        public ?Assessment $read,
        public ?Derived $derived,
        public ?Assessment $workedOut,
        public ?Form $form,
        public string $asFound,
        public array $warnings,
    ) {
    }

    /** What counts: what was read before what was worked out. */
    public function assessment(): ?Assessment
    {
        return null !== $this->reading ? $this->read : $this->workedOut;
    }

    /** Read and worked out: the E_n score of the two; null without both. */
    public function en(): ?float
    {
        return null === $this->size || null === $this->derived?->size ? null : $this->size->en($this->derived->size);
    }

    /** Do two methods for the size contradict each other? */
    public function disagrees(): bool
    {
        return ($this->en() ?? 0.0) > 1;
    }

    /** Is it still to be taken? */
    public function isOpen(): bool
    {
        return $this->field->isTyped() && null === $this->reading;
    }

    public function verdict(): ?Verdict
    {
        return $this->assessment()?->verdict;
    }

    /**
     * What the readings at several places make of the shape.
     *
     * @return array<string, float> in SI, but for the taper, which has no unit
     */
    public function formFigures(): array
    {
        if (null === $this->form) {
            return [];
        }

        return ['smallest' => $this->form->min(), 'largest' => $this->form->max()] + match ($this->field->form) {
            FormKind::Section => ['roundness' => $this->form->roundnessOfDiameters()],
            FormKind::Along => ['range' => $this->form->range()] + (null === $this->field->formLength ? [] : ['taper' => $this->form->taper($this->field->formLength->si)]),
            default => ['range' => $this->form->range()],
        };
    }
}
