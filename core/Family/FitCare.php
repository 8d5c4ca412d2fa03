<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** How the parts of a strip step go in again: what is wetted with what, what stays dry, what guards a seal on its way. */
final readonly class FitCare
{
    /**
     * @param string $step the strip step whose parts go in
     * @param string $key of this step of the build; the strip step's own, where all that it took out goes in at once
     * @param list<string> $parts that go in here, where not all that the step took out do
     * @param array<string, string> $lubricants value of {@see Lubricant} => what is wetted with it; empty: nothing is
     * @param string $dry what stays dry, or that nothing does
     * @param string $sealant where it goes and where it must not; empty: none at all
     * @param string $guard what keeps a lip, a face or a thread from harm on its way in; empty: nothing is in its way
     * @param string $caution of this step going in, not of its coming off
     * @param string $turn what is turned by hand when they are in: a press has been at it; empty: nothing
     * @param string $stage of a unit of several; empty: all of it
     * @param list<string> $counts what the strip step counted that is counted in here
     * @param string $figure that is worked out beside it; empty: none
     */
    public function __construct(
        public string $step,
        public string $key,
        public string $title,
        public array $lubricants,
        public string $dry,
        public string $sealant = '',
        public string $guard = '',
        public string $caution = '',
        public array $parts = [],
        public string $turn = '',
        public string $stage = '',
        public array $counts = [],
        public string $figure = '',
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
