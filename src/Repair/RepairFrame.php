<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Permission;
use App\Intake\CaseFile;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Intake\Frame\WalkStop;
use App\Repair\Build\BuildDesk;
use App\Repair\Build\BuildRow;
use App\Repair\Repository\OfferRepository;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

#[AsTaggedItem(priority: 40)]
final readonly class RepairFrame implements FramePart
{
    public function __construct(
        private RepairDesk $repair,
        private BuildDesk $build,
        private OfferRepository $offers,
        private Gone $gone,
        private ClockInterface $clock,
    ) {
    }

    public function frame(CaseFrame $frame): void
    {
        $case = $frame->case;
        $now = $this->clock->now();
        $toChoose = array_filter($this->offers->newestFirst($case), static fn (Offer $offer): bool => $offer->isOpen($now));
        $open = \count($toChoose) + ($this->gone->isOut($case) ? 0 : $this->undecided($case) + $this->ahead($case));
        $frame->add(new WalkStop(
            'repair', 'Repair', $open, 'offers to be answered, parts to decide on and steps to build', Permission::PHOTOGRAPH,
        ));
    }

    /** Damaged parts of which nobody has decided, and decisions that a limit speaks against: work of the repair once the case is signed. */
    private function undecided(CaseFile $case): int
    {
        return $case->isSigned() ? \count($this->repair->undecided($case, $this->repair->plan($case))) : 0;
    }

    /** Steps of a build that was begun which are not done. */
    private function ahead(CaseFile $case): int
    {
        $sheet = $this->build->sheet($case);
        $done = \count(array_filter($sheet, static fn (BuildRow $row): bool => $row->done));

        return 0 === $done ? 0 : \count($sheet) - $done;
    }
}
