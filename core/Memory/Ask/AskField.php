<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Verdict\Claim\ClaimState;
use Japhrex\Core\Verdict\Responsibility;

/** What a case may be asked by. */
enum AskField: string
{
    case Number = 'number';
    case Serial = 'serial';
    case Customer = 'customer';
    case Model = 'model';
    case Unit = 'unit';
    case Holder = 'with';
    case Family = 'family';
    case Part = 'part';
    case Surface = 'surface';
    case Damage = 'damage';
    case Grade = 'grade';
    case Clean = 'clean';
    case Reading = 'reading';
    case Origin = 'origin';
    case Who = 'carries';
    case Complaint = 'complaint';
    case When = 'when';
    case Hours = 'hours';
    case SinceRepair = 'since-repair';
    case Taken = 'taken';
    case Signed = 'signed';
    case Out = 'out';
    case Last = 'last';
    case Stage = 'stage';
    case Waits = 'waits';
    case Claim = 'claim';
    case Offered = 'offered';
    case Claimed = 'claimed';
    case Cure = 'cure';
    case Is = 'is';
    case Says = 'says';
    case Batch = 'batch';
    case Built = 'built';
    case BuiltBefore = 'built-before';
    case Repair = 'repair';
    case Gauge = 'gauge';

    /** What has to follow it, by an example. */
    public function example(): string
    {
        return match ($this) {
            self::Number => 'number:26-0104', self::Serial => 'serial:4471', self::Customer => 'customer:"cable ferry"',
            self::Model => 'model:"Dunmarrow 40"', self::Unit => 'unit:sweeper', self::Holder => 'with:"bench 2"',
            self::Family => 'family:gear-pump', self::Part => 'part:front-block', self::Surface => 'surface:bore',
            self::Damage => 'scored>=3', self::Grade => 'grade>=3', self::Clean => 'clean:strainer',
            self::Reading => 'reading:side-clearance=outside', self::Origin => 'origin:dirt-let-in',
            self::Who => 'carries:maintenance', self::Complaint => 'complaint:noise', self::When => 'when:hot',
            self::Hours => 'hours:500..2000', self::SinceRepair => 'since-repair<50', self::Taken => 'taken:2025..2026-03',
            self::Signed => 'signed:2026..', self::Out => 'out:2026-02..', self::Last => 'last:year',
            self::Stage => 'stage:strip,parts', self::Waits => 'waits:chain', self::Claim => 'claim:refused',
            self::Offered => 'offered>=1500', self::Claimed => 'claimed>500', self::Cure => 'cure:failed',
            self::Is => 'is:comeback', self::Says => 'says:"ran dry"', self::Batch => 'batch:K7-114',
            self::Built => 'built:"bench 1"', self::BuiltBefore => 'built-before:"bench 1"',
            self::Repair => 'repair:as-it-was', self::Gauge => 'gauge:"outside micrometer"',
        };
    }

    /** @return array<string, string> value => in words, where only these may follow; none: anything of its kind */
    public function choices(): array
    {
        return match ($this) {
            self::Who => array_map(lcfirst(...), array_column(
                array_map(static fn (Responsibility $one): array => [$one->value, $one->label()], Responsibility::cases()), 1, 0,
            )),
            self::When => array_combine($when = [
                'cold', 'hot', 'idle', 'working', 'empty', 'loaded', 'all', 'one', 'level', 'uphill', 'downhill', 'towed', 'steady',
                'engaging', 'up', 'down', 'load-comes', 'starting', 'sudden', 'creeping',
            ], $when),
            self::Stage => [
                'intake' => 'taken in', 'strip' => 'on the strip bench', 'parts' => 'parts being judged', 'chain' => 'chain',
                'verdict' => 'awaiting signature', 'signed' => 'signed',
            ],
            self::Waits => [
                'intake' => 'to be stripped', 'strip' => 'on the strip bench', 'parts' => 'parts to be judged and measured',
                'chain' => 'chain to be closed', 'verdict' => 'waits for a signature', 'signed' => 'signed and not gone out',
                'out' => 'gone out',
            ],
            self::Claim => ['any' => 'there is one'] + array_column(
                array_map(static fn (ClaimState $one): array => [$one->value, $one->label()], ClaimState::cases()), 1, 0,
            ),
            self::Repair => array_map(lcfirst(...), array_column(
                array_map(static fn (OptionKind $one): array => [$one->value, $one->label()], OptionKind::cases()), 1, 0,
            )),
            self::Cure => ['well' => 'runs well', 'but' => 'runs, with a remark', 'failed' => 'failed again', 'unknown' => 'not said'],
            self::Is => [
                'open' => 'not gone out', 'closed' => 'gone out', 'comeback' => 'a comeback', 'withdrawn' => 'withdrawn',
                'mine' => 'in my hand', 'signed' => 'signed',
            ],
            default => [],
        };
    }

    public function isNumber(): bool
    {
        return \in_array($this, [self::Hours, self::SinceRepair, self::Offered, self::Claimed], true);
    }

    /** May a case have only one value of it? */
    public function isSingle(): bool
    {
        return \in_array($this, [self::Family, self::Stage, self::Waits, self::Claim, self::Cure], true);
    }
}
