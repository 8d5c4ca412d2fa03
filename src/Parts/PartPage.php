<?php

declare(strict_types=1);

namespace App\Parts;

use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\PartRecord;
use App\Evidence\PhotoStage;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PartRecordRepository;
use App\Evidence\Repository\ReferenceRepository;
use App\Evidence\Repository\StackPieceRepository;
use App\Intake\CaseFile;
use App\Intake\Frame\CasePages;
use App\Platform\ShopError;
use Japhrex\Core\Family\Part;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Response;

/** The page of a part with its forms. */
final readonly class PartPage
{
    public function __construct(
        private CasePages $pages,
        private BookShelf $shelf,
        private PartForms $forms,
        private Security $may,
        private FindingRepository $findings,
        private PartSight $sight,
        private PartRecordRepository $records,
        private StackPieceRepository $stacks,
        private ReferenceRepository $references,
    ) {
    }

    /**
     * @param FormInterface<mixed>|null $record
     * @param array<string, FormInterface<mixed>> $findings forms that did not hold, by name
     * @param string $change id of the finding that is being changed; empty: none is
     */
    public function show(
        CaseFile $case,
        Part $part,
        ?FormInterface $record = null,
        array $findings = [],
        string $change = '',
    ): Response {
        $may = $this->may->isGranted(Permission::BENCH) && !$case->isSigned();
        $record ??= $may ? $this->forms->record($this->record($case, $part), $part) : null;
        $examples = $may ? $this->references->ofPart($case->family, $part->key) : [];
        $edit = [];
        foreach ($may ? $this->findings->ofPart($case, $part->key) : [] as $finding) {
            $name = PartForms::nameOf($finding);
            if (isset($findings[$name]) || $change === (string) $finding->id) {
                $edit[(string) $finding->id] = ($findings[$name] ?? $this->forms->finding($name, $finding, $part))->createView();
            }
        }

        return $this->pages->show($case, 'parts/part.html.twig', [
            'modes' => $this->shelf->modes(),
            'told' => $this->shelf->vocabulary(),
            'part' => $part,
            'form' => $record?->createView(),
            'edit' => $edit,
            'add' => $may ? $this->forms->newFinding($case, $part, $examples, $findings['finding'] ?? null) : '',
            'isAddTyped' => isset($findings['finding']),
            'modeHelp' => $may ? $this->forms->modeHelp() : '',
            'stages' => PhotoStage::cases(),
            'examples' => $examples,
            'stack' => $this->stacks->stackOf($case, $part->key),
        ] + $this->sight->gather($case, $part, array_keys($edit)), true === $record?->isSubmitted() || [] !== $findings ? 422 : 200);
    }

    /** More of the findings, as one scrolls to them. */
    public function more(CaseFile $case, Part $part, int $from): Response
    {
        return $this->pages->show($case, 'parts/_findings.html.twig', [
            'modes' => $this->shelf->modes(), 'told' => $this->shelf->vocabulary(), 'part' => $part, 'edit' => [],
        ] + $this->sight->found($case, $part, $from));
    }

    public function record(CaseFile $case, Part $part): PartRecord
    {
        return $this->records->ofPart($case, $part->key);
    }

    public function part(CaseFile $case, string $part): Part
    {
        return $this->shelf->book($case->family, $case->is())->part($part) ?? throw new ShopError(
            \sprintf('The book of this family has no part “%s”.', $part),
            404,
        );
    }
}
