<?php

declare(strict_types=1);

namespace Japhrex\Core\Statistics;

/** Counts that the figure cannot be worked out from. The message says what would be enough. */
final class StatisticsError extends \DomainException
{
    public static function notSquare(int $rows, int $columns): self
    {
        return new self(\sprintf('The table has %d rows and a row of %d; expected as many columns as rows.', $rows, $columns));
    }

    public static function emptyTable(): self
    {
        return new self('The table is empty; expected counts above 0.');
    }

    public static function oneCategory(): self
    {
        return new self('Only one category was used: agreement beyond chance cannot be told. Expected two or more.');
    }

    public static function ofNothing(): self
    {
        return new self('A share is of one or more.');
    }

    public static function moreThanLookedAt(int $events, int $of): self
    {
        return new self(\sprintf('%d events out of %d: expected no more events than were looked at.', $events, $of));
    }

    public static function degreesOfFreedom(): self
    {
        return new self('Degrees of freedom are above 0.');
    }

    public static function confidence(): self
    {
        return new self('A one-sided confidence is from 50 % to under 100 %.');
    }

    public static function tooFewFailures(int $failures): self
    {
        $many = 1 === $failures ? '1 failure is too few' : $failures.' failures are too few';

        return new self($many.' for a life; expected three or more.');
    }

    public static function noUnits(): self
    {
        return new self('There is no unit; expected one or more in each group.');
    }

    public static function notALife(float $time): self
    {
        return new self(\sprintf('%g is no life; expected a time above 0.', $time));
    }

    public static function nothingFailedTogether(): self
    {
        return new self('Nothing failed while both groups ran: whether they differ cannot be told.');
    }

    public static function noSpread(): self
    {
        return new self('All failed at one time and none ran beyond it: no spread, so no shape can be told.');
    }
}
