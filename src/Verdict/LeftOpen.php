<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Chain\Engine\Closure;
use App\Intake\CaseFile;

/** Points of the chain that stay open in what is signed, each with its reason. */
final readonly class LeftOpen
{
    public function __construct(private Closure $closure)
    {
    }

    /**
     * @param array<mixed> $reasons as typed, by point
     *
     * @return array{list<OpenPoint>, int} those with a reason, and how many miss one that they must have
     */
    public function reasoned(CaseFile $case, array $reasons): array
    {
        $despite = [];
        $missing = 0;
        foreach ($this->closure->problemsOf($case) as $problem) {
            $typed = $reasons[$problem->key()] ?? null;
            $reason = \is_string($typed) ? mb_substr(trim($typed), 0, 500) : '';
            if ('' !== $reason) {
                $despite[] = new OpenPoint($problem->message, $reason);
            } elseif (!$problem->rule->isOnlyProvisional()) {
                ++$missing;
            }
        }

        return [$despite, $missing];
    }
}
