<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** A line that cannot be read, or that no case can answer; says where and what would be right. */
final class AskError extends \DomainException
{
    /** @param int $at where in the line it begins, in characters from 0 */
    private function __construct(string $message, public readonly int $at, public readonly int $length)
    {
        parent::__construct($message);
    }

    public static function quoteLeftOpen(int $at, int $length): self
    {
        return new self('The quotation mark that begins here is not closed.', $at, $length);
    }

    /** @param AskToken $first that is beyond them */
    public static function tooMany(AskToken $first, int $most): self
    {
        return self::of($first, \sprintf('At most %d words and conditions are asked at once; leave away what begins here.', $most));
    }

    /** @param list<string> $known */
    public static function unknownField(AskToken $token, array $known): self
    {
        return self::of($token, \sprintf('Nothing is asked by “%s”. There are: %s.', $token->name, implode(', ', $known)));
    }

    public static function nothingAfter(AskToken $token): self
    {
        return self::of($token, \sprintf('Something has to follow “%s%s”.', $token->name, $token->sign));
    }

    /** @param list<string> $near words that would be known */
    public static function unknownWord(AskToken $token, string $what, string $word, array $near): self
    {
        $hint = [] === $near ? '' : ' Near it: '.implode(', ', $near).'.';

        return self::of($token, \sprintf('No %s is called “%s”.%s', $what, $word, $hint));
    }

    public static function expected(AskToken $token, string $expected): self
    {
        return self::of($token, \sprintf('“%s” is not understood: %s', $token->value, $expected));
    }

    public static function reversed(AskToken $token): self
    {
        return self::of($token, \sprintf('“%s” ends before it begins; the smaller or earlier one comes first.', $token->value));
    }

    public static function cannotCompare(AskToken $token): self
    {
        return self::of($token, \sprintf('“%1$s” is not more or less than something; write %1$s:%2$s.', $token->name, $token->value));
    }

    public static function contradict(Term $one, Term $other): self
    {
        return new self(
            \sprintf('“%s” and “%s” cannot both be: no case answers that.', $one->typed, $other->typed), $other->at,
            mb_strlen($other->typed),
        );
    }

    private static function of(AskToken $token, string $message): self
    {
        return new self($message, $token->at, mb_strlen($token->typed));
    }
}
