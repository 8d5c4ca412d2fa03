<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Exchange;

/** A file that is no chain which can be read. The message names the place and what would be right. */
final class ChainFormError extends \DomainException
{
    public static function notJson(string $why): self
    {
        return new self(\sprintf('This is no JSON: %s.', $why));
    }

    public static function notAChain(string $format): self
    {
        return new self(\sprintf('This is no chain: "format" is not "%s".', $format));
    }

    public static function otherVersion(string|false $version, int $read): self
    {
        return new self(\sprintf('This chain is of version %s; version %d is read here.', $version, $read));
    }

    public static function idTwice(int|string $row, string $id): self
    {
        return new self(\sprintf('nodes[%d]: the id "%s" stands twice.', $row, $id));
    }

    public static function linkedTwice(int|string $row, string $from, string $to): self
    {
        return new self(\sprintf('links[%d]: "%s" and "%s" are linked twice.', $row, $from, $to));
    }

    public static function kind(string $at, string $kinds): self
    {
        return new self(\sprintf('%s.kind: expected one of %s.', $at, $kinds));
    }

    public static function origin(string $at, string $kinds): self
    {
        return new self(\sprintf('%s.origin: expected one of %s.', $at, $kinds));
    }

    public static function noNode(string $at, string $node): self
    {
        return new self(\sprintf('%s: there is no node "%s".', $at, $node));
    }

    public static function linkedToItself(string $at, string $node): self
    {
        return new self(\sprintf('%s: "%s" is linked to itself.', $at, $node));
    }

    public static function carrier(string $at, string $kinds): self
    {
        return new self(\sprintf('%s.carrier: expected null or one of %s.', $at, $kinds));
    }

    public static function noList(string $key): self
    {
        return new self(\sprintf('"%s" is missing, or is no list of objects.', $key));
    }

    public static function missing(string $at, string $key): self
    {
        return new self(\sprintf('%s: "%s" is missing.', $at, $key));
    }

    public static function noText(string $at, string $key, int $most): self
    {
        return new self(\sprintf('%s: "%s" is a text of at most %d letters.', $at, $key, $most));
    }

    public static function noNumber(string $at, string $key, int $least, int $most): self
    {
        return new self(\sprintf('%s: "%s" is a whole number from %d to %d.', $at, $key, $least, $most));
    }
}
