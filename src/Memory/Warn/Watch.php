<?php

declare(strict_types=1);

namespace App\Memory\Warn;

use App\Memory\Repository\WarningRepository;
use Japhrex\Core\Memory\Warning\WarningRule;

/** Looks, as cases are signed, whether what they show happens more often than it did. */
final readonly class Watch
{
    public function __construct(private WarningRepository $warnings)
    {
    }

    /** @param list<string> $cases ids of cases that were remembered anew */
    public function after(array $cases): void
    {
        $charts = [] === $cases ? [] : $this->warnings->charts($cases);
        $rule = [] === $charts ? null : new WarningRule($this->warnings->looks());
        $raised = array_filter($charts, static fn (Chart $one): bool => true === $rule?->warns($one->count));
        [] === $raised || $this->warnings->addOnce(array_map(
            static fn (Chart $one): Warning => new Warning($one->family, $one->by, $one->value, $one->what, $one->thing, $one->count),
            $raised,
        ));
    }
}
