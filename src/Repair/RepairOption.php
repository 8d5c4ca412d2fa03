<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Actor;
use App\Account\DoneBy;
use App\Account\Undo\Undoable;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Platform\Versioned;
use App\Repair\Repository\RepairOptionRepository;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Repair\Estimate;
use Japhrex\Core\Repair\Line;
use Japhrex\Core\Repair\OptionKind;
use Japhrex\Core\Repair\Rates;

/**
 * One of the ways in which it can go on, with what it costs. It is a draft until it is offered; an offer keeps a copy.
 *
 * @phpstan-type LineRow array{what: string, kind: string, low: string, high: string, days: int, hours: float}
 */
#[ORM\Entity(repositoryClass: RepairOptionRepository::class)]
#[ORM\Table(name: 'repair_option')]
#[ORM\UniqueConstraint(columns: ['case_id', 'kind'])]
class RepairOption implements Undoable
{
    use DoneBy;
    use Identified;
    use OfACase;
    use Versioned;

    /** @var list<LineRow> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $lines = [];

    /** How long it may last, and why. */
    #[ORM\Column(type: 'text')]
    public string $life = '';

    /** What stays a risk. */
    #[ORM\Column(type: 'text')]
    public string $risk = '';

    /** What has to change outside the unit. */
    #[ORM\Column(type: 'text')]
    public string $outside = '';

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        #[ORM\Column(length: 12, enumType: OptionKind::class)]
        public OptionKind $kind,
        Actor $who,
    ) {
        $this->doneBy($who);
        $this->identify();
    }

    /** @param list<Line> $lines */
    public function write(array $lines): void
    {
        $this->lines = array_map(
            static fn (Line $line): array => [
                'what' => $line->what,
                'kind' => $line->kind,
                'low' => $line->low->format(),
                'high' => $line->high->format(),
                'days' => $line->days,
                'hours' => $line->hours,
            ],
            $lines,
        );
    }

    /**
     * @param string $life how long it may last, and why
     * @param string $risk what stays a risk
     * @param string $outside what has to change outside the unit
     */
    public function say(string $life, string $risk, string $outside): void
    {
        [$this->life, $this->risk, $this->outside] = [$life, trim($risk), $outside];
    }

    public function estimate(Rates $rates): Estimate
    {
        return self::of($this->lines, $rates);
    }

    /** @param list<LineRow> $lines */
    public static function of(array $lines, Rates $rates): Estimate
    {
        return Estimate::of(
            array_map(
                static fn (array $one): Line => new Line(
                    $one['what'],
                    $one['kind'],
                    Money::parse($one['low']),
                    Money::parse($one['high']),
                    $one['days'],
                    (float) $one['hours'],
                ),
                $lines,
            ),
            $rates->hour->currency,
            $rates->tax,
            $rates->hoursADay,
        );
    }

    public function auditName(): string
    {
        return 'Option: '.$this->kind->label();
    }
}
