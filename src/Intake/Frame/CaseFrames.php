<?php

declare(strict_types=1);

namespace App\Intake\Frame;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use Japhrex\Core\Family\Book;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/** Puts the frame of a case together from what each stage adds. */
final readonly class CaseFrames
{
    /**
     * @param iterable<FramePart> $parts in the order of the walk
     * @param iterable<LiveFramePart> $live
     */
    public function __construct(
        private BookShelf $shelf,
        private KeptOfCase $kept,
        #[AutowireIterator(FramePart::TAG)] private iterable $parts,
        #[AutowireIterator(LiveFramePart::TAG)] private iterable $live,
    ) {
    }

    public function frameOf(CaseFile $case): CaseFrame
    {
        $book = $this->shelf->book($case->family, $case->is());
        $frame = new CaseFrame($case, $book, $this->kept->of($case, 'frame', fn (): FrameSheet => $this->sheet($case, $book)));
        foreach ($this->live as $part) {
            $part->frame($frame);
        }

        return $frame;
    }

    private function sheet(CaseFile $case, Book $book): FrameSheet
    {
        $frame = new CaseFrame($case, $book);
        foreach ($this->parts as $part) {
            $part->frame($frame);
        }

        return $frame->sheet;
    }
}
