<?php

declare(strict_types=1);

namespace App\Chain\Exchange;

use App\Chain\CaseChain;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Evidence\Finding;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Stage;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Exchange\ChainDocument;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Family\CarrierKind;

/**
 * The chain of a case as a document, and a document as the chain of a case.
 *
 * @phpstan-import-type NodeRow from ChainDocument
 */
final readonly class CaseDocument
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private CaseChain $chains,
        private FindingRepository $findings,
    ) {
    }

    /** @param list<Complaint>|null $about only what leads to these complaints; null: all of it */
    public function write(CaseFile $case, ?array $about = null): ChainDocument
    {
        $ids = $nodes = [];
        foreach ($this->chains->nodes($case, $about) as $i => $node) {
            $ids[(string) $node->id] = 'n'.($i + 1);
            $nodes[] = [
                'id' => 'n'
                    .($i + 1), 'kind' => $node->kind->value, 'name' => $node->name, 'place' => $node->place,
                'origin' => $node->origin?->value, 'order' => $node->order,
                'mode' => $node->finding?->mode, 'grade' => $node->finding?->grade, 'complaint' => $node->complaint?->what,
                'evidence' => $node->evidence, 'by' => $node->byWhom,
            ];
        }
        $links = array_map(
            static fn (ChainLink $link): array => [
                'from' => $ids[(string) $link->from?->id],
                'to' => $ids[(string) $link->to?->id],
                'mechanism' => $link->mechanism,
                'carrier' => $link->carrier?->value,
                'why' => $link->why,
                'by' => $link->byWhom,
            ],
            $this->chains->links($case, $about),
        );

        return new ChainDocument($case->family, $case->number, $nodes, $links);
    }

    /**
     * Puts a chain into a case that has none yet; a finding or a complaint of the case stands for the condition that means it.
     *
     * @throws ShopError if it is of another family, or the case has a chain already
     */
    public function into(CaseFile $case, ChainDocument $chain): void
    {
        if ($chain->family !== $case->family) {
            throw new ShopError(
                \sprintf('This chain is of another family (%s); this unit is of “%s”.', $chain->family, $case->family),
                422,
            );
        }
        if ([] !== $this->chains->nodes($case)) {
            throw new ShopError('This case has a chain already. Take its conditions out first, so that the two do not run together.', 409);
        }
        $findings = $this->findings->ofCase($case);
        $made = [];
        foreach ($chain->nodes as $row) {
            $node = new ChainNode($case, NodeKind::from($row['kind']));
            $origin = null === $row['origin'] ? null : OriginKind::from($row['origin']);
            $node->describe($row['name'], $row['place'], $origin, $row['order'], $row['evidence']);
            $node->doneElsewhereBy($row['by']);
            $node->pointTo(
                self::finding($findings, $row),
                null === $row['complaint']
                    ? null
                    : $case->complaints->findFirst(static fn ($i, $one): bool => $one->what === $row['complaint']),
            );
            $this->entityManager->persist($made[$row['id']] = $node);
        }
        foreach ($chain->links as $row) {
            $link = new ChainLink($case);
            $carrier = null === $row['carrier'] ? null : CarrierKind::from($row['carrier']);
            $link->tie($made[$row['from']], $made[$row['to']], $row['mechanism'], $carrier, $row['why']);
            $link->doneElsewhereBy($row['by']);
            $this->entityManager->persist($link);
        }
        $case->moveTo(Stage::Chain);
        $this->entityManager->flush();
    }

    /**
     * @param list<Finding> $findings
     * @param NodeRow $row
     */
    private static function finding(array $findings, array $row): ?Finding
    {
        foreach (null === $row['mode'] ? [] : $findings as $finding) {
            if ($finding->mode === $row['mode'] && $finding->place() === $row['place'] && $finding->grade === $row['grade']) {
                return $finding;
            }
        }

        return null;
    }
}
