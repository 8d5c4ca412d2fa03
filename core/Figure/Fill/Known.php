<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

use Japhrex\Core\Quantity\Dimension;

/** A reading or fact as a source of figures. */
final readonly class Known
{
    /**
     * @param float $si its best value
     * @param float $u its standard uncertainty, SI; 0 for a fact
     * @param string $unit in which it was typed
     * @param string $name what it is called
     * @param string $typed a fact as typed; empty for a mean of readings
     */
    public function __construct(public float $si, public float $u, public Dimension $dimension, public string $unit, public string $name, public string $typed = '')
    {
    }

    public function movedBy(float $si): self
    {
        return new self($this->si + $si, $this->u, $this->dimension, $this->unit, $this->name);
    }
}
