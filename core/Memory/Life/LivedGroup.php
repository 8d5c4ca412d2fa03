<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Life;

use Japhrex\Core\Statistics\Life;
use Japhrex\Core\Statistics\MeanCumulative;
use Japhrex\Core\Statistics\PlottingPositions;
use Japhrex\Core\Statistics\Proportion;
use Japhrex\Core\Statistics\StatisticsError;
use Japhrex\Core\Statistics\Weibull;

/** Units of one kind that went out of the shop: how long they lived, as far as anybody knows. */
final readonly class LivedGroup
{
    public ?Weibull $fit;

    /** @var list<Life> in what it is counted against */
    public array $lives;

    /** Why no life is told; empty: it is. */
    public string $whyNot;

    /**
     * @param string $line that asks for them
     * @param int $out so many went out
     * @param list<UnitLife> $known of those of which something is known since
     * @param list<float> $ages hours since new of all that came in, the youngest first
     */
    public function __construct(
        public string $line,
        public LifeMeasure $in,
        public int $out,
        public array $known,
        public array $ages,
        public ?MeanCumulative $repairs,
    ) {
        [$fit, $why] = [null, ''];
        $lives = $this->lives = LifeMeasure::Months === $in
            ? array_map(static fn (UnitLife $one): Life => new Life($one->months, $one->isRunning), $known)
            : UnitLife::ran($known);
        try {
            $fit = [] === $lives
                ? null
                : new Weibull(array_map(static fn (Life $one): array => [$one->time, $one->isRunning, 1], $lives));
        } catch (StatisticsError $error) {
            $why = $error->getMessage();
        }
        $this->fit = $fit;
        $this->whyNot = match (true) {
            [] === $known => 'Of none of them anything is known since it went out.',
            [] === $lives => 'Of none of them anybody has told what it ran.',
            default => $why,
        };
    }

    public function failures(): int
    {
        return \count(array_filter($this->known, static fn (UnitLife $one): bool => !$one->isRunning));
    }

    /** So many of those that went out nobody has heard of since: they say nothing. */
    public function unheard(): int
    {
        return $this->out - \count($this->known);
    }

    /** Of so many nobody told what they ran: they are taken to have run as the middle one of the others does. */
    public function taken(): int
    {
        return LifeMeasure::Months === $this->in || [] === $this->lives
            ? 0
            : \count(array_filter($this->known, static fn (UnitLife $one): bool => null === $one->ran));
    }

    /** What the middle one runs in a month; null: nobody told. */
    public function use(): ?float
    {
        return UnitLife::use($this->known);
    }

    /** Of all that went out those that came back; null: none went out. */
    public function comebacks(): ?Proportion
    {
        return 0 === $this->out ? null : new Proportion($this->failures(), $this->out);
    }

    /** @return list<array{float, float}> time and share failed by then */
    public function points(): array
    {
        return PlottingPositions::of($this->lives);
    }

    /** Young or old, in a sentence. */
    public function says(): string
    {
        if (null === $this->fit) {
            return $this->whyNot;
        }
        [$low, $high] = $this->fit->shapeBounds();
        $shape = \sprintf('shape %.2f, between %.2f and %.2f', $this->fit->shape, $low, $high);

        return match (true) {
            $high < 1.0 => 'They fail young: the longer one has run, the less likely it fails '.$this->in->next().' ('.$shape
                .'). Look at the parts, hands and dirt of the repair.',
            $low > 1.0 => 'They fail old: the longer one has run, the likelier it fails '.$this->in->next().' ('.$shape.'). They wear out.',
            default => 'Whether they fail young, old or at any age these units do not tell ('.$shape.').',
        };
    }

    /** Half of those that came in were younger; null: of none the hours are known. */
    public function medianAge(): ?float
    {
        return [] === $this->ages ? null : $this->ages[intdiv(\count($this->ages), 2)];
    }

    /** @return array{float, float}|null the middle half of the ages; null: fewer than four are known */
    public function middleHalf(): ?array
    {
        $n = \count($this->ages);

        return $n < 4 ? null : [$this->ages[intdiv($n, 4)], $this->ages[intdiv(3 * $n, 4)]];
    }
}
