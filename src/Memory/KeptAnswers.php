<?php

declare(strict_types=1);

namespace App\Memory;

use App\Account\User;
use App\Memory\Ask\AskedPage;
use App\Platform\KeptForAWhile;
use Japhrex\Core\Memory\Ask\AskError;

use function Symfony\Component\Clock\now;

/** Answers that go over many cases: they are kept for a while, and say when they were worked out. */
final readonly class KeptAnswers
{
    /** Of fewer every answer is of now. */
    private const MANY = 1000;

    public function __construct(private KeptForAWhile $kept, private AskedPage $asked)
    {
    }

    /**
     * @template T
     *
     * @param list<mixed> $asked all that the answer hangs on beside the lines
     * @param non-empty-list<string> $lines that were asked; one that speaks of who asks has an answer for each
     * @param int|null $most how many cases the line with the most finds; null: it is to be counted
     * @param \Closure(\DateTimeImmutable|null): T $make values alone; told when it is worked out, if it is to be kept
     *
     * @return T
     *
     * @throws AskError if a line cannot be read
     */
    public function of(array $asked, array $lines, User $who, \Closure $make, ?int $most = null): mixed
    {
        $most ??= max(array_map(fn (string $line): int => $this->asked->count($this->asked->sql($line, $who)), $lines));
        if ($most < self::MANY) {
            return $make(null);
        }
        $whose = str_contains(implode(' ', $lines), 'mine') ? (string) $who->id : '';

        return $this->kept->of(['answer', ...$asked, $lines, $whose], static fn (): mixed => $make(now()));
    }
}
