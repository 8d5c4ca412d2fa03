<?php

declare(strict_types=1);

namespace App\Evidence\Watch;

use App\Evidence\Finding;
use Japhrex\Core\Damage\Mode;
use Japhrex\Core\Family\Watch;
use Japhrex\Core\Family\WatchAnswer;

/** A known weak place in a case, and what answers it. */
final readonly class Watched
{
    /**
     * @param WatchTick|null $tick what was ticked by hand before
     * @param Mode|null $mode the damage by which it is found
     * @param string $found what the finding says, in a word
     * @param list<Sister> $sisters families that share the weak place
     */
    public function __construct(
        public Watch $watch,
        public WatchAnswer $answer,
        public ?Finding $finding,
        public ?WatchTick $tick,
        public ?Mode $mode,
        private string $found,
        public array $sisters = [],
    ) {
    }

    public function isOpen(): bool
    {
        return !$this->answer->isAnswered() && null === $this->tick;
    }

    /** How it stands, in words. */
    public function says(): string
    {
        $ticked = null === $this->tick ? '' : \sprintf('ticked “%s” by %s', $this->tick->state->label(), $this->tick->byWhom);
        $found = match ($this->answer) {
            WatchAnswer::Found => \sprintf('found there: %s, grade %d', lcfirst($this->found), $this->finding->grade ?? 0),
            WatchAnswer::Clean => 'looked, clean',
            WatchAnswer::PartSeen => 'the part was looked at, this place is not told',
            WatchAnswer::Open => 'not looked at',
        };

        return '' === $ticked ? $found : ($this->answer->isAnswered() ? $found.'; '.$ticked : $ticked);
    }
}
