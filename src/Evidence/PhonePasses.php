<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\User;
use App\Evidence\Repository\PhonePassRepository;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;

use function Symfony\Component\Clock\now;

/** Hands out passes for phones, and looks whether one holds. */
final readonly class PhonePasses
{
    /** So many phones may add to one case at a time. */
    public const MOST = 12;

    public function __construct(
        private EntityManagerInterface $entityManager,
        private PhonePassRepository $passes,
        private SecurityLog $log,
    ) {
    }

    /**
     * @return string the token; only the phone keeps it
     *
     * @throws ShopError where so many phones hold one already that one of them must be a stranger's
     */
    public function make(CaseFile $case, User $who): string
    {
        if (\count($this->holdingNow($case)) >= self::MOST) {
            throw new ShopError(
                \sprintf('%d phones hold a pass to this case already. Take back those that nobody uses, then make another.', self::MOST),
                422,
            );
        }
        $token = bin2hex(random_bytes(20));
        $this->entityManager->persist(new PhonePass($case, PhonePass::hash($token), $who));
        $this->entityManager->flush();
        $this->log->note(SecurityEvent::Token, $who, "pass for a phone, to {$case->number}");

        return $token;
    }

    /** @throws ShopError saying what to do when it holds no longer */
    public function mustHold(string $token): PhonePass
    {
        $pass = $this->passes->withToken($token);
        if (null === $pass || !$pass->isValid(now())) {
            throw new ShopError(
                'This pass holds no longer: it was for one shift, was taken back, or the case is signed. Scan the code at the '
                    .'bench again. Pictures that still wait on this phone are not lost.',
                410,
            );
        }

        return $pass;
    }

    /** @return list<PhonePass> that hold now */
    public function holdingNow(CaseFile $case): array
    {
        $now = now();

        return array_values(array_filter($this->passes->newestFirst($case), static fn (PhonePass $pass): bool => $pass->isValid($now)));
    }
}
