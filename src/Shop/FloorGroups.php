<?php

declare(strict_types=1);

namespace App\Shop;

use App\Account\Role;
use App\Account\User;
use App\Intake\Remember\Remembered;
use App\Intake\Stage;
use App\Memory\Repository\AskRepository;

/** The cases of the floor by what they wait for: what one has in hand first, then what waits for one's role; what is finished last. */
final readonly class FloorGroups
{
    /** So many of a group are shown; the rest is a question away. */
    private const MOST = 10;

    public function __construct(private AskRepository $memory)
    {
    }

    /** @return list<FloorGroup> */
    public function for(User $who): array
    {
        $groups = $this->memory->floor((string) $who->id, self::MOST);
        $mine = $yours = $others = [];
        if (isset($groups['mine'])) {
            $mine[] = new FloorGroup('In your hand', 'is:open is:mine', true, ...$groups['mine']);
        }
        foreach (Stage::cases() as $stage) {
            if (isset($groups[$stage->value])) {
                [$title, $roles] = self::waitsFor($stage);
                $isYours = \in_array($who->role, $roles, true);
                $group = new FloorGroup($title, 'waits:'.$stage->value.' -is:mine', $isYours, ...$groups[$stage->value]);
                $isYours ? $yours[] = $group : $others[] = $group;
            }
        }
        $gone = $this->memory->gone(self::MOST);

        return [
            ...$mine, ...$yours, ...$others,
            ...[] === $gone[1] ? [] : [new FloorGroup('Finished', 'waits:'.Remembered::OUT, false, ...$gone)],
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
