<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** How the parts of a strip step go in again: what is wetted with what, what stays dry, what guards a seal on its way. */
final readonly class FitCare
{
    /**
     * @param string $step the strip step whose parts go in
     * @param array<string, string> $lubricants value of {@see Lubricant} => what is wetted with it; empty: nothing is
     * @param string $dry what stays dry, or that nothing does
     * @param string $sealant where it goes and where it must not; empty: none at all
     * @param string $guard what keeps a lip, a face or a thread from harm on its way in; empty: nothing is in its way
     * @param string $caution of this step going in, not of its coming off
     */
    public function __construct(
        public string $step,
        public string $title,
        public array $lubricants,
        public string $dry,
        public string $sealant = '',
        public string $guard = '',
        public string $caution = '',
    ) {
    }

    /** @return array<string, string> label => what it is for, in the order of the work */
    public function lines(): array
    {
        $lines = ['Dry' => $this->dry];
        foreach ($this->lubricants as $kind => $what) {
            $lines[Lubricant::from($kind)->label()] = $what;
        }
        if ([] === $this->lubricants) {
            $lines['Lubricant'] = 'None.';
        }

        return $lines + array_filter(['Sealant' => $this->sealant, 'On the way in' => $this->guard]);
    }
}
