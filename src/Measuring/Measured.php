<?php

declare(strict_types=1);

namespace App\Measuring;

use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\FieldReadings;
use Japhrex\Core\Family\LimitSet;
use Japhrex\Core\Figure\Fill\Derived;
use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\FormSpread;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Measuring\Size;
use Japhrex\Core\Quantity\Quantity;

/** One field of a part in a case: what was read, what was worked out, against which limits. */
final readonly class Measured
{
    /**
     * @param Limits|null $limits those that count
     * @param list<LimitSet> $sets those of all sources, for the duty of the case
     * @param FieldReadings|null $readings place by place; null without a reading, or where what is stored cannot be read
     * @param FieldAssessment|null $read of the reading
     * @param FieldAssessment|null $workedOut of the size worked out
     * @param FieldAssessment|null $rebuild of either, against what is allowed in a rebuild; null: the same as in service
     * @param string $asFound of an adjuster, before it was touched
     * @param list<string> $warnings
     * @param string $duty of its stage, or of the unit
     * @param string|null $signedAs verdict that was signed; null while the case is open
     */
    public function __construct(
        public string $part,
        public Field $field,
        public ?Limits $limits,
        public array $sets,
        public bool $disputed,
        public ?LimitChoice $choice,
        public ?Reading $reading,
        public ?FieldReadings $readings,
        public ?FieldAssessment $read,
        public ?Derived $derived,
        public ?FieldAssessment $workedOut,
        public ?FieldAssessment $rebuild,
        public ?FormSpread $form,
        public string $asFound,
        public array $warnings,
        public ?string $signedAs = null,
        public string $duty = '',
    ) {
    }

    /** The size when new that the limits forbid, so that one of the two is wrong. */
    public function doubtfulNew(): ?Quantity
    {
        return $this->field->doubtfulNew($this->duty, $this->choice->chosen ?? '');
    }

    /** What counts: what was read before what was worked out. */
    public function assessment(): ?FieldAssessment
    {
        return null !== $this->reading ? $this->read : $this->workedOut;
    }

    /** The size as read: at its worst place, or without a limit at its first. */
    public function size(): ?Size
    {
        $worst = $this->read?->atWorst();

        return null !== $worst ? new Size($worst->mean, $worst->u) : ($this->readings?->sizes()[0]->size ?? null);
    }

    /** Read and worked out: the E_n score of the two; null without both, or where either has several places. */
    public function en(): ?float
    {
        [$sizes, $derived] = [$this->readings?->sizes() ?? [], $this->derived->at ?? []];

        return 1 !== \count($sizes) || 1 !== \count($derived) ? null : $sizes[0]->size->en($derived[0]->size);
    }

    /** Do two methods for the size contradict each other? */
    public function disagrees(): bool
    {
        return ($this->en() ?? 0.0) > 1;
    }

    /** Is it still to be taken, or a place of it? */
    public function isOpen(): bool
    {
        return $this->field->isTyped() && (null === $this->reading || [] !== ($this->readings?->unread() ?? []));
    }

    /** Was it signed under another rule than today's, or with other limits? */
    public function differsFromSigned(): bool
    {
        return null !== $this->signedAs && $this->signedAs !== ($this->verdict()->value ?? 'open');
    }

    public function verdict(): ?LimitVerdict
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
        return null === $this->form
            ? []
            : [$this->form->name => $this->form->spread] + (null === $this->form->taper ? [] : ['taper' => $this->form->taper]);
    }
}
