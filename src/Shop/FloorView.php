<?php

declare(strict_types=1);

namespace App\Shop;

use App\Account\User;
use App\Books\BookShelf;
use App\Claims\Claims;
use App\Evidence\WearStrips;
use App\Intake\CaseFile;
use App\Proof\ProofDesk;
use App\Proof\Standings;
use App\Shop\Verify\Verification;

/** What the floor shows: the cases that are on it or were looked for, and what has to be done today. */
final readonly class FloorView
{
    public function __construct(
        private BookShelf $shelf,
        private FloorGroups $groups,
        private WearStrips $strips,
        private Standings $standings,
        private Verification $verification,
        private Claims $claims,
        private ProofDesk $proof,
    ) {
    }

    /**
     * @param list<CaseFile> $cases
     * @param string $words that were looked for; empty: nothing was
     * @param int $most so many are shown; where as many are given, there may be more
     *
     * @return array<string, mixed>
     */
    public function gather(array $cases, string $words, ?User $who, int $most): array
    {
        return [
            'groups' => '' === $words ? $this->groups->of($cases, $who) : [],
            'cases' => $cases,
            'most' => $most <= \count($cases) ? $most : null,
            'words' => $words,
            'shelf' => $this->shelf,
            'strips' => $this->strips->stripsOf($cases),
            'stands' => $this->standings->wordsFor($cases),
            'wrong' => $this->verification->alarms(),
            'claimsDue' => '' === $words ? $this->claims->due() : [],
            'watchDue' => '' === $words ? $this->proof->due() : [],
        ];
    }
}
