<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Account\Permission;
use App\Intake\Frame\CaseFrame;
use App\Intake\Frame\FramePart;
use App\Intake\Frame\WalkStop;
use App\Teardown\Repository\BenchThingRepository;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;

#[AsTaggedItem(priority: 90)]
final readonly class StripFrame implements FramePart
{
    public function __construct(private StripBench $bench, private BenchThingRepository $things)
    {
    }

    public function frame(CaseFrame $frame): void
    {
        $run = $this->bench->run($frame->case, $frame->book);
        $frame->add(new WalkStop('strip', 'Strip', $frame->case->isSigned() ? 0 : $run->open(), 'steps ahead', Permission::BENCH));
        foreach ($run->partsOff() as $part) {
            $frame->takeOff($part);
        }
        foreach ($this->things->late($frame->case) as $thing) {
            $frame->remind(
                \sprintf('%s was to go back to %s on %s', $thing->what(), $thing->lentBy, $thing->backOn?->format('j M')),
                'bench_list',
            );
        }
        foreach ($run->shut() as $shut) {
            $frame->leaveShut($shut->step->opens);
        }
    }
}
