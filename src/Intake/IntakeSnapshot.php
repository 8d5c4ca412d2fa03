<?php

declare(strict_types=1);

namespace App\Intake;

use App\Platform\Plain;

final readonly class IntakeSnapshot implements SnapshotPart
{
    public function snapshot(CaseFile $case): array
    {
        return [
            // Where the case stands, and who has it, is no part of what is signed.
            'unit' => Plain::of($case, [
                'stage', 'signedAt', 'holder', 'serialKey', 'arrival', 'withdrawnAt', 'withdrawnBecause', 'peopleOutAt',
                // Cases that were signed before the book filled in anything, or versions were asked for, have no word of it.
                ...([] === $case->fromBook ? ['fromBook'] : []),
                ...([] === $case->variants ? ['variants'] : []),
                ...('' === $case->versionIndex ? ['versionIndex'] : []),
                ...('' === $case->built ? ['built'] : []),
                ...('' === $case->remanufactured ? ['remanufactured'] : []),
                ...(null === $case->workAt ? ['workAt', 'workAtBecause'] : []),
                ...('' === $case->repairedOn ? ['repairedOn'] : []),
            ]),
            'arrival' => null === $case->arrival ? null : Plain::of(
                $case->arrival,
                // Nor of the fluid, beyond its colour and smell.
                [
                    ...([] === $case->arrival->fluid ? ['fluid'] : []),
                    ...(null === $case->arrival->cameAs ? ['cameAs'] : []),
                ],
            ),
            'complaints' => array_values(array_map(
                // Complaints that were signed before the book's question had a field have no word of it.
                static fn (Complaint $one): array => Plain::of($one, [
                    ...('' === $one->answer ? ['answer'] : []),
                    ...(null === $one->ground ? ['ground'] : []),
                    ...(null === $one->moment ? ['moment'] : []),
                    ...('' === $one->which ? ['which'] : []),
                    ...('' === $one->alongWith ? ['alongWith'] : []),
                    ...('' === $one->located ? ['located'] : []),
                    ...(null === $one->ends ? ['ends', 'endsBecause'] : []),
                ]),
                $case->complaints->toArray(),
            )),
            'statements' => array_values(array_map(
                // Cases that were signed before statements were weighed have no word of it.
                static fn (Statement $one): array => Plain::of(
                    $one,
                    ['afterwards', ...(null === $one->means ? ['means', 'meansNot'] : [])],
                ),
                $case->statements->filter(static fn (Statement $one): bool => !$one->afterwards)->toArray(),
            )),
        ] + ($case->attempts->isEmpty() ? [] : ['tried' => Plain::all($case->attempts)])
            + ($case->runningTimes->isEmpty() ? [] : ['running-times' => Plain::all($case->runningTimes)])
            + ($case->earlierWork->isEmpty() ? [] : ['earlier-work' => Plain::all($case->earlierWork)]);
    }
}
