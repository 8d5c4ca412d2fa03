<?php

declare(strict_types=1);

namespace App\Intake\Remember;

use Japhrex\Core\Memory\StageMove;

/** What is kept of a case to find it by, to compare it with and to count it under; it follows from the case and says nothing of its own. */
final class Remembered
{
    /** What waits for nothing more in the shop. */
    public const OUT = 'out';

    /** What it waits for: the value of its stage, or OUT. */
    public string $waits = '';

    /** Where it stands, in words. */
    public string $stands = '';

    /** Name of who has it in hand. */
    public string $holder = '';

    /** What fails, by its names in the book. */
    public string $complains = '';

    /** What the verdict in force says that it was; empty: nothing is signed. */
    public string $found = '';

    /** State of its last claim; null: there is none. */
    public ?string $claim = null;

    /** @var list<RememberedDue> */
    public array $claimsDue = [];

    /** Asked for in its claims that were not withdrawn, in cents. */
    public ?int $claimed = null;

    /** Why the last claim was refused, or accepted in part, in their words. */
    public string $claimWhy = '';

    /** What was chosen of the offer, or else its dearest option, in cents before tax. */
    public ?int $offered = null;

    /** Hours that the same was offered with, and those that it took; in cents what was charged, before tax. */
    public ?float $offeredHours = null;
    public ?float $tookHours = null;
    public ?int $charged = null;

    /** Day on which it went out. */
    public ?\DateTimeImmutable $outAt = null;

    /** What its user said of it last, a value of UserSays; null: nothing. */
    public ?string $cure = null;

    /** When its user last said that it runs. */
    public ?\DateTimeImmutable $ranUntil = null;

    /** Hours since new, and since the last repair. */
    public ?float $hours = null;
    public ?float $sinceRepair = null;

    /** The same of a vehicle in km, where that is how it was told. */
    public ?float $km = null;
    public ?float $kmSinceRepair = null;

    /** So long it has run since it went out, as its user told last. */
    public ?float $toldHours = null;
    public ?float $toldKm = null;

    /** @var list<StageMove> in the order of time */
    public array $moves = [];

    /** @var list<RememberedMaking> */
    public array $made = [];

    /** @var list<array{string, string, int|null}> parts in strip order: key, short name, worst grade; null: not looked at */
    public array $strip = [];

    /** @var list<RememberedFind> */
    public array $finds = [];

    /** @var list<RememberedReading> */
    public array $readings = [];

    /** @var list<RememberedComplaint> */
    public array $complaints = [];

    /** @var list<RememberedOrigin> of the verdict in force, its own first */
    public array $origins = [];

    /** @var list<RememberedBatch> */
    public array $batches = [];

    /** @var list<string> what is told of it and seen of its fluid: keys of the engine's words */
    public array $circumstances = [];

    /** @var array<string, list<string>> where it stands => lines */
    public array $texts = [];

    /** @param string ...$lines blank ones are left out */
    public function text(string $where, string ...$lines): void
    {
        foreach ($lines as $line) {
            if ('' !== trim($line)) {
                $this->texts[$where][] = trim($line);
            }
        }
    }
}
