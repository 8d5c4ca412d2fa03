<?php

declare(strict_types=1);

namespace App\Intake\Frame;

/** What the stages wrote into the frame of a case: values alone, so that it can be kept. */
final class FrameSheet
{
    /** @var array<string, WalkStop> */
    public array $walk = [];

    /** @var array<string, true> parts that are off */
    public array $off = [];

    /** @var array<string, int> by part */
    public array $grades = [];

    /** @var list<string> */
    public array $unopened = [];

    /** @var list<string> */
    public array $alarms = [];

    /** @var list<Reminder> */
    public array $reminders = [];

    /** @var list<FrameWarning> what the shop knows of units such as this one */
    public array $warnings = [];

    /** @var array<string, list<LessonHere>> what earlier cases taught, by where it belongs: `strip rear-cover` */
    public array $lessons = [];

    /** @var list<HeardAnswer> what the user of the unit answered to how it runs */
    public array $answers = [];

    /** In a word or two; null: as its stage is called. */
    public ?string $standing = null;

    public int $inTray = 0;
}
