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
     * @param bool $withPhotos has a box the best photo of its part on top?
     */
    public function draw(CaseFile $case, array $proposals = [], ?array $about = null, bool $withPhotos = false): DrawnChain
    {
        $book = $this->shelf->book($case->family, $case->is());
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
        $photos = [];
        $heights = array_map(static fn (array $rows): int => Graphviz::boxHeight(\count($rows)), $lines);
        foreach ($nodes as $node) {
            $heights[(string) $node->id] += Graphviz::SMALL_ROW * (\count(self::says($node)) - 1);
            if ($withPhotos && null !== $photos[(string) $node->id] = $this->chains->photoOf($node)) {
                $heights[(string) $node->id] += DrawnNode::PICTURE;
            }
        }
        $placed = $this->layout->place(
            $heights,
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
            $height = $heights[$id];
            $drawn[] = new DrawnNode(
                $node,
                $placed->boxes[$id]->left(Graphviz::BOX_WIDTH),
                $placed->boxes[$id]->top($height),
                Graphviz::BOX_WIDTH,
                $height,
                $lines[$id],
                null === $node->place ? '' : $book->placeName($node->place),
                self::says($node),
                $photos[$id] ?? null,
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
            $height = $heights[$id];
            $boxes[] = new DrawnGhost(
                $placed->boxes[$id]->left(Graphviz::BOX_WIDTH),
                $placed->boxes[$id]->top($height),
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

    /** @return list<string> the small rows of a box: what kind of condition it is */
    private static function says(ChainNode $node): array
    {
        $words = match (true) {
            null !== $node->origin => 'origin: '.lcfirst($node->origin->label()),
            null !== $node->finding => 'grade '.$node->finding->grade,
            default => $node->kind->value,
        };

        return explode("\n", wordwrap($words, null === $node->order ? 34 : 29, "\n", true));
    }

    /** @return list<string> rows of a box: as many as its name takes, nothing is cut off */
    private static function wrapped(string $name): array
    {
        return explode("\n", wordwrap($name, self::LETTERS, "\n", true));
    }
}
