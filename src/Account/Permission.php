<?php

declare(strict_types=1);

namespace App\Account;

/** What may be done to a case. Each is refused on the server, whatever the page shows. */
final class Permission
{
    /** Intake: unit, complaints, statements, arrival. */
    public const TAKE_IN = 'take-in';

    /** Strip, photos, looks, readings. */
    public const BENCH = 'work-at-the-bench';

    /** Photos, which both the desk and the bench take. */
    public const PHOTOGRAPH = 'photograph';

    /** Chain, dispositions, verdict. */
    public const ANALYSE = 'analyse';

    /** Sign, and open a new revision of a signed case. */
    public const SIGN = 'sign';

    /** Claims against makers and suppliers, which go on after a case is signed. */
    public const CLAIM = 'claim';

    /** Whole cases out to others, and in from them. */
    public const EXCHANGE = 'exchange';

    /** People: who may sign in, as what, and what was written down of it. */
    public const LET_IN = 'let-in';

    /** @return array<string, list<Role>> */
    public static function roles(): array
    {
        return [
            self::TAKE_IN => [Role::Desk, Role::Analyst],
            self::BENCH => [Role::Bench, Role::Analyst],
            self::PHOTOGRAPH => [Role::Desk, Role::Bench, Role::Analyst],
            self::ANALYSE => [Role::Analyst],
            self::SIGN => [Role::Analyst],
            self::CLAIM => [Role::Desk, Role::Analyst],
            self::EXCHANGE => [Role::Desk, Role::Analyst],
            self::LET_IN => [Role::Analyst],
        ];
    }
}
