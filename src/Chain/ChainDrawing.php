<?php

declare(strict_types=1);

namespace App\Chain;

use App\Books\BookShelf;
use App\Chain\Engine\Proposal;
use App\Intake\CaseFile;
use App\Intake\Complaint;

/** The chain of a case ready to be drawn: the same in page and report. */
final readonly class ChainDrawing
{
    private const LETTERS = 24;

    public function __construct(private CaseChain $chains, private Layout $layout, private BookShelf $shelf)
    {
    }

    /**
     * @param list<Proposal> $proposals links that would come, drawn faint
     * @param list<Complaint>|null $about only what leads to these complaints; null: all of it
     */
    public function draw(CaseFile $case, array $proposals = [], ?array $about = null): DrawnChain
    {
        $book = $this->shelf->book($case->family);
        $mechanisms = $this->shelf->mechanisms($case->family);
        $nodes = $this->chains->nodes($case, $about);
        $links = $this->chains->links($case, $about);
        $lines = [];
        foreach ($nodes as $node) {
            $lines[(string) $node->id] = self::wrapped($node->name);
        }
        $ghosts = [];
        foreach ($proposals as $one) {
            foreach ([[$one->from, $one->fromName, $one->fromKind], [$one->to, $one->toName, $one->toKind]] as [$id, $name, $kind]) {
                if (!isset($lines[$id])) {
                    [$lines[$id], $ghosts[$id]] = [self::wrapped($name), $kind];
                }
            }
        }
        $placed = $this->layout->place(
            array_map(static fn (array $rows): int => \count($rows), $lines),
            [
                ...array_map(static fn (ChainLink $link): array => [(string) $link->from?->id, (string) $link->to?->id], $links),
                ...array_map(static fn (Proposal $one): array => [$one->from, $one->to], $proposals),
            ],
        );
        $drawn = [];
        foreach ($nodes as $node) {
            $id = (string) $node->id;
            if (!isset($placed->boxes[$id])) {
                continue;
            }
            $height = Graphviz::boxHeight(\count($lines[$id]));
            $drawn[] = new DrawnNode(
                $node,
                $placed->boxes[$id]['x'] - Graphviz::BOX_WIDTH / 2,
                $placed->boxes[$id]['y'] - $height / 2,
                Graphviz::BOX_WIDTH,
                $height,
                $lines[$id],
                null === $node->place ? '' : $book->placeName($node->place),
                self::says($node),
                $this->chains->photoOf($node),
            );
        }
        $faint = array_map(
            static fn (Proposal $one): DrawnProposal => new DrawnProposal(
                $one,
                $placed->paths[$one->from.'>'.$one->to] ?? '',
                $mechanisms[$one->tie->mechanism]->name ?? '',
            ),
            $proposals,
        );
        $boxes = [];
        foreach ($ghosts as $id => $kind) {
            $height = Graphviz::boxHeight(\count($lines[$id]));
            $boxes[] = new DrawnGhost(
                $placed->boxes[$id]['x'] - Graphviz::BOX_WIDTH / 2,
                $placed->boxes[$id]['y'] - $height / 2,
                Graphviz::BOX_WIDTH,
                $height,
                $lines[$id],
                $kind,
            );
        }
        $lines = [];
        foreach ($links as $link) {
            $lines[] = new DrawnLink(
                $link,
                $placed->paths[$link->from?->id.'>'.$link->to?->id] ?? '',
                $mechanisms[$link->mechanism]->name ?? $link->mechanism,
            );
        }

        return new DrawnChain(
            $placed->width,
            $placed->height,
            $drawn,
            $lines,
            $boxes,
            $faint,
        );
    }

    /** The small line of a box: what kind of condition it is, as far as there is room for it. */
    private static function says(ChainNode $node): string
    {
        $words = match (true) {
            null !== $node->origin => 'origin: '.lcfirst($node->origin->label()),
            null !== $node->finding => 'grade '.$node->finding->grade,
            default => $node->kind->value,
        };

        return mb_strimwidth($words, 0, null === $node->order ? 34 : 29, '…');
    }

    /** @return list<string> at most three rows of a box */
    private static function wrapped(string $name): array
    {
        $rows = explode("\n", wordwrap($name, self::LETTERS, "\n", true));
        if (\count($rows) > 3) {
            $rows = [$rows[0], $rows[1], rtrim(mb_substr($rows[2], 0, self::LETTERS - 1)).'…'];
        }

        return $rows;
    }
}
