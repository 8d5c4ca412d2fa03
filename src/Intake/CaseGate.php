<?php

declare(strict_types=1);

namespace App\Intake;

use App\Intake\Kept\KeptOfCase;
use App\Intake\Repository\CaseFileRepository;
use App\Platform\ShopError;
use Symfony\Component\Security\Core\Authorization\AuthorizationCheckerInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;

/** Finds a case, and lets somebody change it who may. */
final readonly class CaseGate
{
    public function __construct(
        private AuthorizationCheckerInterface $authorization,
        private CaseFileRepository $cases,
        private KeptOfCase $kept,
    ) {
    }

    /** @throws ShopError if there is no such case */
    public function find(string $number): CaseFile
    {
        $this->kept->begin($number);

        return $this->cases->numbered($number)
            ?? throw new ShopError(\sprintf('There is no case %s. Look for it on the floor by unit, serial or customer.', $number), 404);
    }

    /**
     * @throws AccessDeniedException if the role may not
     * @throws ShopError if there is no such case, or it is signed or withdrawn
     */
    public function open(string $number, string $permission): CaseFile
    {
        if (!$this->authorization->isGranted($permission)) {
            throw new AccessDeniedException();
        }
        $case = $this->find($number);
        if (null !== $case->withdrawnAt) {
            throw new ShopError(
                \sprintf('Case %s was withdrawn: %s. Put it back first, then go on.', $case->number, rtrim($case->withdrawnBecause, '.')),
                409,
            );
        }
        if ($case->isSigned()) {
            throw new ShopError(
                \sprintf(
                    'Case %s is signed and stays as it was signed. An analyst can open a new revision on its verdict page.',
                    $case->number,
                ),
                409,
            );
        }

        return $case;
    }
}
