<?php

declare(strict_types=1);

namespace App\Parts\OneByOne;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Evidence\Finding;
use App\Evidence\PartLimits;
use App\Evidence\PartRecord;
use App\Evidence\RecordFinding;
use App\Intake\CaseFile;
use App\Measuring\Measured;
use App\Parts\JudgePart;
use App\Parts\NothingFoundFalls;
use App\Parts\PartView;
use App\Parts\PartViews;
use App\Platform\ShopError;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Damage\FindingKind;

/** One tap: a grade becomes a find, or changes the one it is of; a decision takes its reason from what is known. */
final readonly class TapPart
{
    public function __construct(
        private BookShelf $shelf,
        private PartViews $parts,
        private RecordFinding $record,
        private JudgePart $judge,
        private PartLimits $limits,
    ) {
    }

    /** @throws ShopError saying what is missing or speaks against it */
    public function grade(CaseFile $case, string $part, int $grade, string $damage, Actor $who): void
    {
        $view = $this->parts->partsOf($case)->views[$part];
        // What somebody else looked at, or one face by itself, stays as it was said.
        $clean = array_values(array_filter(
            $view->findings,
            static fn (Finding $one): bool => FindingKind::Clean === $one->kind
                && null === $one->surface
                && $one->person() === $who->person(),
        ));
        if (0 === $grade) {
            $hurt = array_filter($view->findings, static fn (Finding $one): bool => FindingKind::Damage === $one->kind);
            if ([] !== $hurt) {
                throw new ShopError('It has a find of damage. Take that away on the page of the part, then it can be clean.', 422);
            }
            $finding = $clean[0] ?? new Finding($case, $part);
            $finding->lookedClean(null);
            ($this->record)($finding, $who);

            return;
        }
        [$mode, $place] = explode('@', $damage) + [1 => ''];
        $surface = explode('/', $place)[1] ?? null;
        if (null === $this->shelf->modes()->get($mode) || ($place !== $part && !isset($view->part->surfaces[(string) $surface]))) {
            throw new ShopError('What kind of damage is it? Choose it, then its grade.', 422);
        }
        $same = array_filter(
            $view->findings,
            static fn (Finding $one): bool => FindingKind::Damage === $one->kind && $one->mode === $mode && $one->surface === $surface,
        );
        // Who called it clean himself and sees more on a second look means this part, not two things of it.
        $finding = array_values($same)[0] ?? $clean[0] ?? new Finding($case, $part);
        $finding->sawDamage($mode, $grade, $finding->note, $surface);
        ($this->record)($finding, $who);
    }

    /** @throws ShopError saying what is missing or speaks against it */
    public function decide(PartRecord $record, Disposition $disposition): void
    {
        $why = $this->limits->boundOf($record->case)[$record->part]->against($disposition, $record->despiteFor);
        if (null !== $why) {
            throw new ShopError($why.' Decide otherwise, or say why on the page of the part.', 422);
        }
        $view = $this->parts->partsOf($record->case)->views[$record->part];
        if ($view->isNeverReused() && !$disposition->keepsThePart()) {
            $record->decide(Disposition::AlwaysReplace, $view->part->reuseWhy, $record->hangsOn);
        } else {
            $known = $this->known($view);
            if ('' === $known) {
                throw new ShopError('Look at it first: its grade, or a reading, is the reason for what becomes of it.', 422);
            }
            $record->decide($disposition, $known, $record->hangsOn);
        }
        $this->judge->keep($record);
    }

    /** What is known of a part, as the reason for what becomes of it: finds, and readings with their verdicts. */
    private function known(PartView $view): string
    {
        $known = [];
        $looks = array_filter($view->findings, static fn (Finding $one): bool => $one->kind->isLook());
        foreach ($looks as $finding) {
            $mode = $this->shelf->modes()->get($finding->mode);
            $known[] = null === $mode || FindingKind::Damage !== $finding->kind
                ? $finding->says()
                : \sprintf(
                    '%s, grade %d%s',
                    $mode->name,
                    $finding->grade,
                    null === $finding->surface ? '' : ' ('.lcfirst($view->part->surfaceName($finding->surface)).')',
                );
        }
        foreach ($view->measured as $one) {
            $verdict = $one->verdict();
            if (null !== $verdict && null !== $one->reading) {
                $known[] = lcfirst($one->field->name).' '.$verdict->value;
            }
        }

        if ([] === $known) {
            return '';
        }
        $isClean = [] === array_filter($looks, static fn (Finding $one): bool => FindingKind::Clean !== $one->kind);

        return $isClean && [] === array_filter($view->measured, static fn (Measured $one): bool => null !== $one->reading)
            ? NothingFoundFalls::BY_ITSELF
            : implode('; ', array_unique($known)).'.';
    }
}
