<?php

declare(strict_types=1);

namespace Japhrex\Core\Measuring;

/** Whether a part that wears stays inside its limit for another run of a given length. */
enum OneMoreRun
{
    case Stays;
    case MayJustDo;
    case Passes;

    /**
     * All in one unit of service.
     *
     * @param float $run length of the run that is asked about
     * @param float $left the way left at this rate
     * @param float|null $least the lower end of its band, if there is one
     */
    public static function of(float $run, float $left, ?float $least = null): self
    {
        return match (true) {
            $run <= ($least ?? $left) => self::Stays,
            $run <= $left => self::MayJustDo,
            default => self::Passes,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Stays => 'one more run stays inside the limit',
            self::MayJustDo => 'one more run may just do; the band says that it may not',
            self::Passes => 'one more run does not stay inside the limit',
        };
    }
}
