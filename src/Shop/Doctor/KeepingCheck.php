<?php

declare(strict_types=1);

namespace App\Shop\Doctor;

use App\Account\OurShop;
use App\Shop\Backup\LastBackup;
use App\Shop\Verify\Verification;

use function Symfony\Component\Clock\now;

/** When it was last backed up and checked, and what the check said. */
final readonly class KeepingCheck implements Check
{
    public function __construct(private LastBackup $backup, private Verification $verification, private OurShop $shop)
    {
    }

    public function look(): array
    {
        $at = $this->backup->at();
        $checked = $this->verification->lastAt();
        $wrong = \count($this->verification->alarms());

        return [
            Symptom::either(
                !LastBackup::isTooOld($at) || $this->shop->settings()->isDemo(),
                'backup',
                null === $at ? 'none was ever made' : 'the last is of '.$at->format('j M Y H:i'),
                './japhrex backup TO makes one, with --nightly every night.',
            ),
            Symptom::either(
                null !== $checked && $checked > now('-3 days'),
                'verify',
                null === $checked ? 'nothing was ever checked' : 'last checked '.$checked->format('j M Y H:i'),
                './japhrex verify checks it; a shop that runs does so every night.',
            ),
            Symptom::either(
                0 === $wrong,
                'what was kept',
                0 === $wrong ? 'all is what it was' : "$wrong things are not what they were",
                './japhrex verify names them, ./japhrex mend FROM brings files back.',
            ),
        ];
    }
}
