<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use App\Account\Repository\GuessRepository;

use function Symfony\Component\Clock\now;

/**
 * How often somebody may guess. A guess is counted before it is judged, so that of forty sent at once no more are judged than of forty
 * sent one after the other; a right one is taken back.
 */
final readonly class Guesses
{
    public function __construct(private GuessRepository $guesses)
    {
    }

    /**
     * @param list<Limit> $limits that it counts under
     *
     * @throws TooManyGuesses where one of them has had enough; the guess must not be judged
     */
    public function mustHaveOneLeft(array $limits): void
    {
        foreach ($limits as $limit) {
            $until = $this->guesses->count($limit, now());
            if (null !== $until) {
                throw TooManyGuesses::until($until, now());
            }
        }
    }

    /** @param list<Limit> $limits under which the guess was counted, and was right */
    public function wasRight(array $limits): void
    {
        foreach ($limits as $limit) {
            $this->guesses->takeBack($limit);
        }
    }
}
