<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Chain\Refusal;
use App\Chain\Theory;
use App\Evidence\Clips\Clip;
use App\Evidence\ContentCheck;
use App\Evidence\Finding;
use App\Evidence\Mark;
use App\Evidence\PartRecord;
use App\Evidence\Photo;
use App\Evidence\PhotoMeasure;
use App\Evidence\Watch\WatchTick;
use App\Figures\KeptFigure;
use App\Intake\Arrival;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Statement;
use App\Library\SchoolPick;
use App\Measuring\LimitChoice;
use App\Measuring\Reading;
use App\Teardown\StepRecord;

/** What a signature covers, thing by thing: whatever of it changes voids a first signature, and cannot change after the second. */
final class SignedEvidence
{
    private const THINGS = [
        Arrival::class, CaseFile::class, ChainLink::class, ChainNode::class, Clip::class, Complaint::class, ContentCheck::class,
        Finding::class, KeptFigure::class, LimitChoice::class,
        Mark::class, PartRecord::class, Photo::class, PhotoMeasure::class, Reading::class, Refusal::class, SchoolPick::class,
        Statement::class, StepRecord::class, Theory::class, WatchTick::class,
    ];

    /** Fields that are found out by the program, or say where the work stands. */
    private const WITHOUT = [
        CaseFile::class => ['stage', 'signedAt', 'holder', 'version', 'withdrawnAt', 'withdrawnBecause'],
        Photo::class => ['hints', 'ruler', 'version'],
    ];

    public static function covers(object $thing): bool
    {
        return match (true) {
            $thing instanceof Photo => $thing->stage->isEvidence(),
            $thing instanceof Statement => !$thing->afterwards,
            default => [] !== array_filter(self::THINGS, static fn (string $class): bool => $thing instanceof $class),
        };
    }

    /** @return list<string> */
    public static function without(object $thing): array
    {
        foreach (self::WITHOUT as $class => $fields) {
            if ($thing instanceof $class) {
                return $fields;
            }
        }

        return ['version'];
    }
}
