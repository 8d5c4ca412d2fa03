<?php

declare(strict_types=1);

namespace App\Memory;

use App\Account\User;
use App\Platform\KeptForAWhile;

use function Symfony\Component\Clock\now;

/** Answers that go over all cases, as the page shows them; it says when they were worked out. */
final readonly class KeptAnswers
{
    public function __construct(private KeptForAWhile $kept)
    {
    }

    /**
     * @param list<mixed> $asked all that the answer hangs on beside the line
     * @param string $line that was asked; one that speaks of who asks has an answer for each
     * @param \Closure(\DateTimeImmutable): string $make as it is shown, told when it is worked out
     */
    public function of(array $asked, string $line, User $who, \Closure $make): string
    {
        $whose = str_contains($line, 'mine') ? (string) $who->id : '';

        return $this->kept->of(['answer', ...$asked, $line, $whose], static fn (): string => $make(now()));
    }
}
