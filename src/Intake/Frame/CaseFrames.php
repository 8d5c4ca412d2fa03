<?php

declare(strict_types=1);

namespace App\Intake\Frame;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/** Puts the frame of a case together from what each stage adds. */
final readonly class CaseFrames
{
    /** @param iterable<FramePart> $parts in the order of the walk */
    public function __construct(private BookShelf $shelf, #[AutowireIterator(FramePart::TAG)] private iterable $parts)
    {
    }

    public function frameOf(CaseFile $case): CaseFrame
    {
        $frame = new CaseFrame($case, $this->shelf->book($case->family, $case->is()));
        foreach ($this->parts as $part) {
            $part->frame($frame);
        }

        return $frame;
    }
}
