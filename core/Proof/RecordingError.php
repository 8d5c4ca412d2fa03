<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

/** Rows of a test stand that cannot be read, or do not go with those before them. */
final class RecordingError extends \DomainException
{
    public static function otherHead(string $head, string $begunWith): self
    {
        return new self(
            \sprintf('The head of these rows is “%s”, the run began with “%s”. End the run and begin a new one.', $head, $begunWith)
        );
    }

    public static function backInTimeOfRun(float $time, float $last): self
    {
        return new self(\sprintf(
            'These rows step back in time: %.1f s after %.1f s. If the stand was started anew, end the run and begin a new one.',
            $time,
            $last,
        ));
    }

    public static function tooManyRows(string $rows, string $most): self
    {
        return new self(\sprintf('%s rows; at most %s are read. Record at 10 Hz or less, or cut the file.', $rows, $most));
    }

    public static function width(int $line, int $values, int $head): self
    {
        return new self(\sprintf('Line %d has %d values, the head names %d.', $line, $values, $head));
    }

    public static function backInTime(int $line, string $time, string $last): self
    {
        return new self(\sprintf('Line %d steps back in time: %s s after %s s.', $line, $time, $last));
    }

    public static function tooFewRows(int $fewest): self
    {
        return new self(1 === $fewest ? 'There is no row in it under the head.' : 'There are fewer than two rows in it.');
    }

    public static function noUnit(int $column, string $head): self
    {
        return new self(\sprintf('Column %d, “%s”: expected a name and its unit, such as flow [L/min].', $column, $head));
    }

    public static function noChannel(int $column, string $name): self
    {
        return new self(
            \sprintf('Column %d, “%s”: expected time, %s.', $column, $name, implode(', ', array_column(Channel::cases(), 'value')))
        );
    }

    public static function unitDoesNotFit(int $column, string $unit, string $dimension): self
    {
        return new self(\sprintf('Column %d: “%s” is no unit of %s.', $column, $unit, $dimension));
    }

    public static function columnTwice(string $name): self
    {
        return new self(\sprintf('The column %s is there twice.', $name));
    }

    public static function columnsMissing(bool $hasTime): self
    {
        return new self($hasTime
            ? 'There is only the time in it; expected flow, pressure, temperature or speed beside it.'
            : 'The column time is missing, such as time [s].');
    }

    public static function noNumber(int $line, string $typed): self
    {
        return new self(\sprintf(
            is_numeric($typed) ? 'Line %d: “%s” is more than any stand could show.' : 'Line %d: “%s” is no number.',
            $line,
            mb_substr($typed, 0, 20),
        ));
    }

    public static function full(int $rows): self
    {
        return new self(\sprintf('The run has %d rows, as many as are kept. End it and begin a new one.', $rows));
    }

    public static function ofAnotherUnit(float $minute, float $share): self
    {
        return new self(\sprintf(
            'At %.1f min it delivers %.0f %% of displacement times speed: no pump of this size does. Is it the recording of another '
                .'unit, or is the displacement at the intake wrong?',
            $minute,
            100 * $share,
        ));
    }
}
