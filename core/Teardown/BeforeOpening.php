<?php

declare(strict_types=1);

namespace Japhrex\Core\Teardown;

/** What is done and known before the first part of a unit comes off. The maker's manual, local rules and licensed people come first. */
final class BeforeOpening
{
    /** What is ticked, and how it is asked for. */
    public const TICKS = [
        'isolated' => 'isolated, locked out and tagged',
        'drained' => 'drained, no pressure in it',
        'emptied' => 'turned empty by hand',
    ];

    /**
     * @param list<string> $ticked of {@see TICKS}
     * @param string $instead why something is not ticked, and what was done in its place
     * @param string $liquid what is in it
     * @param string $precautions taken against it
     *
     * @throws OpeningError saying what is missing
     */
    public static function allow(array $ticked, string $instead, string $liquid, string $precautions): void
    {
        $open = array_diff_key(self::TICKS, array_flip($ticked));
        if ([] !== $open && '' === trim($instead)) {
            throw OpeningError::notDone(array_values($open));
        }
        if ('' === trim($liquid)) {
            throw OpeningError::liquidUnknown();
        }
        if ('' === trim($precautions)) {
            throw OpeningError::noPrecautions();
        }
    }
}
