<?php

declare(strict_types=1);

namespace App\Chain;

use App\Books\BookShelf;
use App\Chain\Engine\Proposal;
use App\Evidence\Photo;
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
     *
     * @return array{
     *     width: float, height: float,
     *     nodes: list<array{
     *         node: ChainNode, x: float, y: float, w: int, h: int, lines: list<string>, place: string, says: string,
     *         photo: Photo|null,
     *     }>,
     *     links: list<array{link: ChainLink, path: string, mechanism: string}>,
     *     ghosts: list<array{x: float, y: float, w: int, h: int, lines: list<string>, says: string}>,
     *     faint: list<array{proposal: Proposal, path: string, mechanism: string}>,
     * }
     */
    public function of(CaseFile $case, array $proposals = [], ?array $about = null): array
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
            $drawn[] = [
                'node' => $node, 'x' => $placed->boxes[$id]['x'] - Graphviz::BOX_WIDTH / 2, 'y' => $placed->boxes[$id]['y'] - $height / 2,
                'w' => Graphviz::BOX_WIDTH, 'h' => $height, 'lines' => $lines[$id],
                'place' => null === $node->place ? '' : $book->placeName($node->place),
                'says' => self::says($node),
                'photo' => $this->chains->photoOf($node),
            ];
        }
        $faint = array_map(
            static fn (Proposal $one): array => [
                'proposal' => $one,
                'path' => $placed->paths[$one->from.'>'.$one->to] ?? '',
                'mechanism' => $mechanisms[$one->tie->mechanism]->name ?? '',
            ],
            $proposals,
        );
        $boxes = [];
        foreach ($ghosts as $id => $kind) {
            $height = Graphviz::boxHeight(\count($lines[$id]));
            $boxes[] = [
                'x' => $placed->boxes[$id]['x'] - Graphviz::BOX_WIDTH / 2,
                'y' => $placed->boxes[$id]['y'] - $height / 2,
                'w' => Graphviz::BOX_WIDTH,
                'h' => $height,
                'lines' => $lines[$id],
                'says' => $kind,
            ];
        }
        $lines = [];
        foreach ($links as $link) {
            $lines[] = [
                'link' => $link,
                'path' => $placed->paths[$link->from?->id.'>'.$link->to?->id] ?? '',
                'mechanism' => $mechanisms[$link->mechanism]->name ?? $link->mechanism,
            ];
        }

        return [
            'width' => $placed->width,
            'height' => $placed->height,
            'nodes' => $drawn,
            'links' => $lines,
            'ghosts' => $boxes,
            'faint' => $faint,
        ];
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
