<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict;

/** Shares that do not make a whole. The message says what is missing. */
final class SharesError extends \DomainException
{
    public static function nobody(string $who): self
    {
        return new self(\sprintf('“%s” is nobody who could carry a share.', mb_substr($who, 0, 40)));
    }

    public static function noShare(string $who, string $typed): self
    {
        return new self(\sprintf('%s: “%s” is no share; a whole number of per cent from 1 to 100.', $who, $typed));
    }

    public static function sum(int $sum): self
    {
        return new self(\sprintf(
            'The shares add up to %d %%; %s. All of it is 100 %%.',
            $sum,
            $sum < 100 ? \sprintf('%d %% are carried by nobody', 100 - $sum) : \sprintf('%d %% are too much', $sum - 100),
        ));
    }

    public static function restsOnNothing(string $who): self
    {
        return new self(\sprintf('%s: which links of the chain does this share rest on?', $who));
    }
}
