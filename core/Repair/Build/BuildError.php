<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

use Japhrex\Core\Family\BuildAct;
use Japhrex\Core\Family\FastenerPlace;
use Japhrex\Core\Family\Laid;
use Japhrex\Core\Family\Variant;

/** A step of the build that cannot be signed yet. The message says what is missing. */
final class BuildError extends \DomainException
{
    /** What is clean before anything goes in, and how it is asked for. */
    public const CLEAN = [
        'orifices' => 'orifices and passages blown through',
        'parts' => 'parts washed, dry and covered',
        'bench' => 'bench, hands and cloths clean',
    ];

    /** @param array<key-of<self::CLEAN>> $missing */
    public static function notClean(array $missing): self
    {
        return new self('Not yet: '.implode(', ', array_map(static fn (string $one): string => self::CLEAN[$one], $missing)).'.');
    }

    public static function notTicked(): self
    {
        return new self('Tick it when it is done as the book says.');
    }

    public static function facing(string $right): self
    {
        return new self(\sprintf('Look which way it faces, and tick it: %s', $right));
    }

    public static function pair(string $mate): self
    {
        return new self(\sprintf('Look whether they are together as they ran, by their numbers, and tick it: %s', $mate));
    }

    public static function count(string $what, int $expected): self
    {
        return new self(\sprintf('How many %s are in? %d came out.', $what, $expected));
    }

    public static function noPicture(): self
    {
        return new self('Take a picture of how it went in: a facing and a pair are signed with a picture.');
    }

    public static function reading(string $why): self
    {
        return new self($why);
    }

    public static function nothingRead(): self
    {
        return new self('What was read? Such as 0.08 mm; several readings are parted by a semicolon.');
    }

    public static function noTorque(): self
    {
        return new self('To which torque is the wrench set? With its unit, such as 45 N·m or 33 ft·lb.');
    }

    public static function roundsOpen(string $missing, int $rounds): self
    {
        return new self(\sprintf('Round %s is not ticked; %d rounds, each all the way round.', $missing, $rounds));
    }

    public static function notTurned(): self
    {
        return new self('Turn it by hand, and say whether it turns evenly or catches.');
    }

    public static function howItBinds(): self
    {
        return new self('How does it catch: stiff all the way round, once in a turn, or one way only?');
    }

    public static function whetherItIsWet(): self
    {
        return new self('Is it wetted, and dry, as the book says? Dry faces drag.');
    }

    public static function whereTheSpotIs(): self
    {
        return new self('Mark the spot on what turns and on what stands: does it go round with the shaft, or stay where it is?');
    }

    public static function whichFrees(): self
    {
        return new self('Slacken them one by one: at which does it free? Its number; "none" if it catches with all of them slack.');
    }

    public static function actOpen(BuildAct $act): self
    {
        return new self(
            \sprintf('Look, and tick it or say that it is not so: %s. Left out: %s', $act->kind->tick(), lcfirst($act->leftOut)),
        );
    }

    public static function notLaid(Laid $laid): self
    {
        return new self(\sprintf('Not ticked yet: %s, %s%s.', $laid->place, $laid->what, '' === $laid->told ? '' : ' ('.$laid->told.')'));
    }

    public static function whetherForThis(Variant $for): self
    {
        return new self(\sprintf('Only for %s: look, and say whether this unit is one of those.', $for->says()));
    }

    public static function howItStands(): self
    {
        return new self('Which way does it stand? Look, and tick one.');
    }

    public static function wrongPlace(FastenerPlace $place): self
    {
        return new self(
            \sprintf('They are not of one length: see that %d of %s are at %s, and tick it.', $place->count, $place->length, $place->at),
        );
    }

    public static function notFresh(): self
    {
        return new self('These are renewed each time: tick it when new ones are in.');
    }

    public static function whyApart(): self
    {
        return new self('Why is it taken apart again? What was signed stays, with the reason.');
    }

    public static function secondPerson(): self
    {
        return new self('Two people sign this step. Who looked on? Somebody else than you.');
    }

    public static function noSuchAdjuster(): self
    {
        return new self('There is no such adjuster in the book of this family.');
    }
}
