<?php

declare(strict_types=1);

namespace App\Account\People;

use App\Account\LogIn\Sessions;
use App\Account\User;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** The one way in for a password that somebody chooses. */
final readonly class Passwords
{
    public const FEWEST = 10;
    private const MOST = 200;

    /** Letters, digits and signs that differ, at least. */
    private const DIFFERENT = 5;

    /** Known to everybody: of the demo, and what is tried first. Compared without case, digits at the end and signs. */
    private const KNOWN = [
        'ostreyquay', 'password', 'passwort', 'qwertyuiop', 'letmein', 'welcome', 'iloveyou', 'administrator', 'changeme',
    ];

    public function __construct(private UserPasswordHasherInterface $hasher, private Sessions $sessions)
    {
    }

    /**
     * Sets it; wherever the person is signed in with the one before is ended.
     *
     * @throws PasswordError saying what would do
     */
    public function set(User $person, string $typed): void
    {
        self::mustDo($typed, $person);
        $person->password = $this->hasher->hashPassword($person, $typed);
        $this->sessions->endAll($person);
    }

    public function is(User $person, string $typed): bool
    {
        return '' !== $person->password && $this->hasher->isPasswordValid($person, $typed);
    }

    private static function mustDo(string $typed, User $person): void
    {
        $plain = self::plain($typed);
        $own = array_filter(
            array_map(self::plain(...), [$person->username, $person->name]),
            static fn (string $own): bool => \strlen($own) > 3,
        );
        match (true) {
            mb_strlen($typed) < self::FEWEST => throw PasswordError::tooShort(self::FEWEST),
            mb_strlen($typed) > self::MOST => throw PasswordError::tooLong(self::MOST),
            \count(array_unique(mb_str_split($typed))) < self::DIFFERENT => throw PasswordError::tooEven(),
            \in_array($plain, self::KNOWN, true), ctype_digit($typed) => throw PasswordError::known(),
            \in_array($plain, $own, true) => throw PasswordError::name(),
            default => null,
        };
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace('/[^a-z]/', '', mb_strtolower($text));
    }
}
