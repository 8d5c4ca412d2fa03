<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

/** On what a decision about a part may hang. It is kept in words, so that it reads the same years later. */
final class HangsOn
{
    public const CUSTOMER = 'the customer decides';
    public const MACHINING = 'replaced if machining disturbs it';
    private const PROOF = 'until proved: ';

    /** As long as the field in which it is kept. */
    private const LONGEST = 200;

    /**
     * @param list<string> $proof titles of the steps of the proof
     *
     * @return list<string>
     */
    public static function choices(array $proof): array
    {
        return [self::CUSTOMER, self::MACHINING, ...array_map(self::proved(...), $proof)];
    }

    public static function proved(string $title): string
    {
        return mb_substr(self::PROOF.$title, 0, self::LONGEST);
    }

    /** Does it hang on this step of the proof? */
    public static function isStep(string $hangsOn, string $title): bool
    {
        return self::proved($title) === $hangsOn;
    }
}
