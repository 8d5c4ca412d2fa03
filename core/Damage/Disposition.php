<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

/** What is to become of a part. */
enum Disposition: string
{
    case Reuse = 'reuse';
    case CleanUp = 'clean-up';
    case Machine = 'machine';

    /** Near its limit: goes back in once more, and asks for itself at the next teardown. */
    case OneMoreRun = 'one-more-run';
    case Replace = 'replace';
    case Upgrade = 'upgrade';
    case AlwaysReplace = 'always-replace';

    public function label(): string
    {
        return match ($this) {
            self::Reuse => 'Reuse',
            self::CleanUp => 'Clean up, reuse',
            self::Machine => 'Machine',
            self::OneMoreRun => 'Accept for one more run',
            self::Replace => 'Replace',
            self::Upgrade => 'Upgrade',
            self::AlwaysReplace => 'Always replace',
        };
    }

    /** Does another part go in? */
    public function isRenewed(): bool
    {
        return \in_array($this, [self::Replace, self::Upgrade, self::AlwaysReplace], true);
    }

    /** What of it goes in when the unit is built, in a word or two. */
    public function goesIn(): string
    {
        return match ($this) {
            self::Reuse => 'as it was',
            self::CleanUp => 'cleaned up',
            self::Machine => 'machined',
            self::OneMoreRun => 'for one more run',
            self::Replace, self::AlwaysReplace => 'new',
            self::Upgrade => 'a better one, new',
        };
    }

    /** Does the part go back into the unit? */
    public function keepsThePart(): bool
    {
        return self::Reuse === $this || self::CleanUp === $this || self::Machine === $this || self::OneMoreRun === $this;
    }
}
