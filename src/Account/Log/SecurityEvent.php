<?php

declare(strict_types=1);

namespace App\Account\Log;

/** What is written down of who comes in, what they take out, and who lets them. */
enum SecurityEvent: string
{
    case SignedIn = 'signed-in';
    case Refused = 'refused';
    case Closed = 'closed';
    case SignedOut = 'signed-out';
    case Forbidden = 'forbidden';
    case PasswordSet = 'password';
    case LinkMade = 'link';
    case SecondFactor = 'second-factor';
    case SessionEnded = 'session-ended';
    case People = 'people';
    case Token = 'token';
    case TakenOut = 'taken-out';

    public function label(): string
    {
        return match ($this) {
            self::SignedIn => 'signed in',
            self::Refused => 'refused at the door',
            self::Closed => 'closed after too many tries',
            self::SignedOut => 'signed out',
            self::Forbidden => 'not allowed',
            self::PasswordSet => 'password set',
            self::LinkMade => 'link for a password made',
            self::SecondFactor => 'second factor',
            self::SessionEnded => 'session ended',
            self::People => 'people',
            self::Token => 'pass or token',
            self::TakenOut => 'taken out',
        };
    }
}
