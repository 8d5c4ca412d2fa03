<?php

declare(strict_types=1);

namespace App\Shop\Letters;

use App\Account\OurShop;
use App\Account\Permission;
use App\Account\Repository\UserRepository;
use App\Account\Role;
use App\Memory\Repository\AskRepository;
use App\Platform\Letters;
use App\Proof\ProofDesk;
use App\Shop\Backup\LastBackup;
use App\Shop\Verify\Verification;

use function Symfony\Component\Clock\now;

/** What is due, to whoever sees to it; and what is wrong, to the analysts. Nobody gets a letter that says nothing. */
final readonly class DailyLetters
{
    public function __construct(
        private UserRepository $people,
        private ProofDesk $proof,
        private AskRepository $memory,
        private Verification $verification,
        private LastBackup $backup,
        private Letters $letters,
        private OurShop $shop,
    ) {
    }

    /** @return int how many went */
    public function send(): int
    {
        [$due, $alarms] = [$this->due(), $this->alarms()];
        $went = 0;
        foreach ($this->people->byName() as $person) {
            $lines = [
                ...(\in_array($person->role, Permission::roles()[Permission::CLAIM], true) ? $due : []),
                ...(Role::Analyst === $person->role ? $alarms : []),
            ];
            if ([] !== $lines && $person->mayEnter()) {
                $subject = \sprintf('%s: %d to see to', $this->shop->name(), \count($lines));
                $went += $this->letters->send($person->mail, $subject, implode("\n", $lines)."\n") ? 1 : 0;
            }
        }

        return $went;
    }

    /** @return list<string> */
    private function due(): array
    {
        $lines = [];
        foreach ($this->memory->claimsDue(now('today'), now('today +7 days')) as $claim) {
            $lines[] = \sprintf('Claim %s: %s by %s, %s', $claim->number, $claim->what, $claim->by->format('j M Y'), $claim->says);
        }
        foreach ($this->proof->due() as $one) {
            $lines[] = \sprintf('Ask how %s runs (%s, case %s)', $one->unit, $one->customer, $one->case);
        }

        return $lines;
    }

    /** @return list<string> */
    private function alarms(): array
    {
        $lines = array_map(static fn (string $wrong): string => "Not what it was: $wrong", $this->verification->alarms());
        $at = $this->backup->at();
        if (LastBackup::isTooOld($at) && !$this->shop->settings()->isDemo()) {
            $lines[] = null === $at ? 'No backup was made yet.' : 'The last backup is of '.$at->format('j M Y H:i').'.';
        }

        return $lines;
    }
}
