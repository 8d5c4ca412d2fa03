<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

use Japhrex\Core\Quantity\BareNumber;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Units;

/**
 * A recording of the stand: rows in time, values in SI. Read from CSV with a head such as `time [s],flow [L/min],pressure [bar],temperature
 * [°C],speed [rpm]`.
 */
final readonly class Recording
{
    /** Two hours at 10 Hz are 72 000 rows. */
    public const MOST = 200_000;

    /** Share of displacement times speed that no pump passes, and for how many rows it has to. */
    private const DELIVERS_AT_MOST = 1.15;
    private const MOMENT = 20;

    /** So many times the usual step is a gap. */
    private const GAP = 10.0;

    /**
     * @param list<float> $times seconds
     * @param array<string, list<float>> $values channel => SI values
     * @param array<string, string> $units channel => unit as in the file
     */
    private function __construct(public array $times, public array $values, public array $units)
    {
    }

    /**
     * @param int $fewest rows that make a recording
     *
     * @throws RecordingError naming the line, what is wrong with it and what would be right
     */
    public static function read(string $csv, int $fewest = 2): self
    {
        $rows = substr_count($csv, "\n");
        if ($rows > self::MOST) {
            throw RecordingError::tooManyRows(number_format($rows, 0, '.', ' '), number_format(self::MOST, 0, '.', ' '));
        }
        $end = strpos($csv, "\n");
        $head = trim(false === $end ? $csv : substr($csv, 0, $end), "\r\u{FEFF}");
        $separator = substr_count($head, ';') > substr_count($head, ',') ? ';' : ',';
        [$time, $columns, $units] = self::head(explode($separator, $head));
        $times = [];
        $values = array_fill_keys(array_keys($columns), []);
        $width = substr_count($head, $separator) + 1;
        $at = false === $end ? \strlen($csv) : $end + 1;
        for ($line = 2; $at < \strlen($csv); ++$line) {
            $next = strpos($csv, "\n", $at);
            $next = false === $next ? \strlen($csv) : $next;
            $text = rtrim(substr($csv, $at, $next - $at), "\r");
            $at = $next + 1;
            if ('' === trim($text)) {
                continue;
            }
            $cells = explode($separator, $text);
            if (\count($cells) !== $width) {
                throw RecordingError::width($line, \count($cells), $width);
            }
            $now = self::number($cells[$time[0]], $separator, $line) * $time[1];
            $last = $times[\count($times) - 1] ?? null;
            if (null !== $last && $now <= $last) {
                throw RecordingError::backInTime($line, self::plain($now), self::plain($last));
            }
            $times[] = $now;
            foreach ($columns as $name => [$column, $unit]) {
                $values[$name][] = $unit->toSi(self::number($cells[$column], $separator, $line));
            }
        }
        if (\count($times) < $fewest) {
            throw RecordingError::tooFewRows($fewest);
        }

        return new self($times, $values, $units);
    }

    /** Seconds from the first row to the last. */
    public function seconds(): float
    {
        return $this->times[\count($this->times) - 1] - $this->times[0];
    }

    /**
     * Nothing delivers more than it displaces; gauges and their lag are allowed for.
     *
     * @param float $displacement of the unit, m³ a turn
     *
     * @throws RecordingError if more comes out for longer than a moment than this displacement gives
     */
    public function mustFit(float $displacement): void
    {
        $beyond = 0;
        foreach ($displacement > 0.0 ? $this->values[Channel::Flow->value] ?? [] : [] as $i => $flow) {
            $turns = $this->values[Channel::Speed->value][$i] ?? 0.0;
            $share = $turns > 0.0 ? $flow / ($displacement * $turns) : 0.0;
            $beyond = $share > self::DELIVERS_AT_MOST ? $beyond + 1 : 0;
            if ($beyond >= self::MOMENT) {
                throw RecordingError::ofAnotherUnit(($this->times[$i] - $this->times[0]) / 60, $share);
            }
        }
    }

    /**
     * Where nothing was recorded for so long that the trace is broken there.
     *
     * @return list<array{float, float}> from and to, seconds since the first row
     */
    public function gaps(): array
    {
        $steps = [];
        for ($i = 1, $n = \count($this->times); $i < $n; ++$i) {
            $steps[] = $this->times[$i] - $this->times[$i - 1];
        }
        $sorted = $steps;
        sort($sorted);
        $usual = $sorted[intdiv(\count($sorted), 2)];
        $gaps = [];
        foreach ($steps as $i => $step) {
            if ($step > self::GAP * $usual) {
                $gaps[] = [$this->times[$i] - $this->times[0], $this->times[$i + 1] - $this->times[0]];
            }
        }

        return $gaps;
    }

    /**
     * So few points that they can be drawn: of each span of time the lowest, the highest and the mean of each channel.
     *
     * @return list<DrawnPoint>
     */
    public function drawn(int $points): array
    {
        $span = $this->seconds() / $points;
        $drawn = [];
        $from = 0;
        for ($i = 0, $n = \count($this->times); $from < $n && $i < $points; ++$i) {
            $until = $i === $points - 1 ? \INF : $this->times[0] + ($i + 1) * $span;
            $to = $from;
            while ($to < $n && $this->times[$to] < $until) {
                ++$to;
            }
            if ($to > $from) {
                $low = $high = $mean = [];
                foreach ($this->values as $name => $values) {
                    $slice = \array_slice($values, $from, $to - $from);
                    if ([] !== $slice) {
                        [$low[$name], $high[$name], $mean[$name]] = [min($slice), max($slice), array_sum($slice) / \count($slice)];
                    }
                }
                $middle = ($this->times[$from] + $this->times[$to - 1]) / 2 - $this->times[0];
                $drawn[] = new DrawnPoint($middle, $low, $high, $mean);
            }
            $from = $to;
        }

        return $drawn;
    }

    /**
     * @param list<string> $head
     *
     * @return array{array{int, float}, array<string, array{int, \Japhrex\Core\Quantity\Unit}>, array<string, string>}
     */
    private static function head(array $head): array
    {
        $time = null;
        $columns = $units = [];
        foreach ($head as $i => $cell) {
            $cell = trim($cell, " \t\"");
            if (1 !== preg_match('/^([a-z]+)\s*[\[(]\s*(.+?)\s*[\])]$/iu', $cell, $m)) {
                throw RecordingError::noUnit($i + 1, $cell);
            }
            $name = strtolower($m[1]);
            $channel = Channel::tryFrom($name);
            $dimension = 'time' === $name ? Dimension::Time : $channel?->dimension();
            $unit = null === $dimension ? null : Units::find($m[2], $dimension);
            match (true) {
                null === $dimension => throw RecordingError::noChannel($i + 1, $m[1]),
                null === $unit => throw RecordingError::unitDoesNotFit($i + 1, $m[2], $dimension->value),
                isset($columns[$name])
                    || ('time' === $name && null !== $time) => throw RecordingError::columnTwice($name),
                default => null,
            };
            if ('time' === $name) {
                $time = [$i, $unit->toSi(1.0) - $unit->toSi(0.0)];
            } else {
                $columns[$name] = [$i, $unit];
                $units[$name] = $unit->symbol();
            }
        }
        if (null === $time || [] === $columns) {
            throw RecordingError::columnsMissing(null !== $time);
        }

        return [$time, $columns, $units];
    }

    private static function number(string $cell, string $separator, int $line): float
    {
        $plain = trim($cell, " \t\"");
        $plain = ';' === $separator ? strtr($plain, ',', '.') : $plain;

        return BareNumber::of($plain) ?? throw RecordingError::noNumber($line, $plain);
    }

    private static function plain(float $seconds): string
    {
        return rtrim(rtrim(number_format($seconds, 3, '.', ''), '0'), '.');
    }
}
