<?php

declare(strict_types=1);

namespace App\Shop;

use App\Account\Role;
use App\Account\User;
use App\Intake\CaseFile;
use App\Intake\Stage;
use App\Proof\Standings;

/** The cases of the floor by what they wait for: what one has in hand first, then what waits for one's role; what is finished last. */
final readonly class FloorGroups
{
    private const FINISHED = 'Finished';

    public function __construct(private Standings $standings)
    {
    }

    /**
     * @param list<CaseFile> $cases the newest first
     *
     * @return list<FloorGroup>
     */
    public function of(array $cases, ?User $who): array
    {
        $ended = $this->standings->ended($cases);
        $mine = $groups = $finished = [];
        foreach ($cases as $case) {
            if (isset($ended[(string) $case->id])) {
                $finished[] = $case;
            } elseif (null !== $who && $case->holder === $who) {
                $mine[] = $case;
            } else {
                $groups[$case->stage->value][] = $case;
            }
        }
        $yours = $others = [];
        foreach (Stage::cases() as $stage) {
            if (isset($groups[$stage->value])) {
                [$title, $roles] = self::waitsFor($stage);
                $isYours = null !== $who && \in_array($who->role, $roles, true);
                $group = new FloorGroup($title, $isYours, $groups[$stage->value]);
                $isYours ? $yours[] = $group : $others[] = $group;
            }
        }

        return [
            ...[] === $mine ? [] : [new FloorGroup('In your hand', true, $mine)],
            ...$yours,
            ...$others,
            ...[] === $finished ? [] : [new FloorGroup(self::FINISHED, false, $finished)],
        ];
    }

    /** @return array{string, list<Role>} what a case of a stage waits for, and who does it */
    private static function waitsFor(Stage $stage): array
    {
        return match ($stage) {
            Stage::Intake => ['Taken in, to be stripped', [Role::Bench]],
            Stage::Strip => ['On the strip bench', [Role::Bench]],
            Stage::Parts => ['Parts to be judged and measured', [Role::Bench]],
            Stage::Chain => ['Chain to be closed', [Role::Analyst]],
            Stage::Verdict => ['Waits for a signature', [Role::Analyst]],
            Stage::Signed => ['Signed: to be offered, built, proved and handed over', [Role::Desk, Role::Bench]],
        };
    }
}
