<?php

declare(strict_types=1);

namespace App\Shop;

use App\Account\OurShop;
use App\Account\User;
use App\Memory\Remember;
use App\Memory\Repository\AskRepository;
use App\Memory\Repository\SavedAskRepository;
use App\Memory\Repository\WarningRepository;
use App\Memory\Warn\WarningWords;
use App\Proof\ProofDesk;
use App\Shop\Backup\LastBackup;
use App\Shop\Verify\Verification;

use function Symfony\Component\Clock\now;

/** What the floor shows: the cases that are on it, and what has to be done today. */
final readonly class FloorView
{
    /** So many warnings are said; the others are a tap away. */
    private const WARNINGS = 4;

    public function __construct(
        private Remember $remember,
        private FloorGroups $groups,
        private AskRepository $memory,
        private SavedAskRepository $saved,
        private WarningRepository $warnings,
        private WarningWords $words,
        private Verification $verification,
        private ProofDesk $proof,
        private LastBackup $backup,
        private OurShop $shop,
    ) {
    }

    /** @return array<string, mixed> */
    public function gather(User $who): array
    {
        $this->remember->due();
        $warnings = $this->warnings->open();

        return [
            'groups' => $this->groups->for($who),
            'waiting' => $this->memory->waiting(),
            'saved' => $this->saved->for($who),
            'warnings' => $this->words->all(\array_slice($warnings, 0, self::WARNINGS)),
            'moreWarnings' => max(0, \count($warnings) - self::WARNINGS),
            'wrong' => $this->verification->alarms(),
            'backup' => $backup = $this->backup->at(),
            'isBackupLate' => LastBackup::isTooOld($backup) && !$this->shop->settings()->isDemo(),
            'claimsDue' => $this->memory->claimsDue(now('today'), now('today +7 days')),
            'watchDue' => $this->proof->due(),
        ];
    }
}
