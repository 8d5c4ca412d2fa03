<?php

declare(strict_types=1);

namespace Japhrex\Tests\core\Proof;

use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Proof\ProofError;
use Japhrex\Core\Proof\ProofItem;
use Japhrex\Core\Proof\UserSays;
use PHPUnit\Framework\TestCase;

/** What a user may leave out when he is asked how it runs, and what somebody may refuse in the proof. */
final class UserSaysTest extends TestCase
{
    private function refused(string $says, \Closure $act): void
    {
        try {
            $act();
            self::fail($says);
        } catch (ProofError $error) {
            self::assertStringContainsString($says, $error->getMessage());
        }
    }

    public function testWhoSaysThatItRunsWellNeedsNoWordsWhoSaysElseDoes(): void
    {
        UserSays::allow(UserSays::Well, false, '', 'Skipper');
        UserSays::allow(UserSays::But, true, '', 'Skipper');
        UserSays::allow(UserSays::Failed, false, 'It stops when it is hot.', 'Skipper');
        $this->refused('Tick one', static fn () => UserSays::allow(null, true, 'leaks', 'Skipper'));
        $this->refused('A few words', static fn () => UserSays::allow(UserSays::Failed, false, ' ', 'Skipper'));
        $this->refused('Your name', static fn () => UserSays::allow(UserSays::Well, false, '', ' '));
    }

    public function testAGuardIsRefusedByNameAndNothingElseIs(): void
    {
        $allow = static fn (ProofItem $item, string $words) => ProofEntry::allow(
            $item,
            new ProofItem('book-filled', 'Filled', 'Oil'),
            null,
            ProofEntry::REFUSED,
            $words,
            [],
            new \DateTimeImmutable(),
        );
        $guard = new ProofItem('book-guard', 'Guard back on', 'Fast', guard: true);
        $allow($guard, 'Fleet office: no room. We advise against it.');
        $this->refused('Who will not have the guard back', static fn () => $allow($guard, ''));
        $this->refused('Only a guard', static fn () => $allow(new ProofItem('book-flow', 'Flow', '40 L/min'), 'no'));
    }
}
