<?php

declare(strict_types=1);

namespace App\Parts;

use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Conditions;
use App\Evidence\Finding;
use App\Evidence\Form\FindingType;
use App\Evidence\Form\PartRecordType;
use App\Evidence\PartLimits;
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
use Japhrex\Core\Repair\HangsOn;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Response;

/** The page of a part with its forms. */
final readonly class PartPage
{
    public function __construct(
        private CasePages $pages,
        private BookShelf $shelf,
        private FormFactoryInterface $forms,
        private Security $may,
        private PartLimits $bound,
        private Conditions $conditions,
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
        $record ??= $may ? $this->recordForm($this->record($case, $part), $part) : null;
        $add = $findings['finding'] ?? ($may ? $this->findingForm('finding', new Finding($case, $part->key), $part) : null);
        $edit = [];
        foreach ($may ? $this->findings->ofPart($case, $part->key) : [] as $finding) {
            $name = self::formName($finding);
            if (isset($findings[$name]) || $change === (string) $finding->id) {
                $edit[(string) $finding->id] = ($findings[$name] ?? $this->findingForm($name, $finding, $part))->createView();
            }
        }

        return $this->pages->show($case, 'parts/part.html.twig', [
            'modes' => $this->shelf->modes(),
            'told' => $this->shelf->vocabulary(),
            'part' => $part,
            'form' => $record?->createView(),
            'edit' => $edit,
            'add' => $add?->createView(),
            'stages' => PhotoStage::cases(),
            'examples' => $may ? $this->references->ofPart($case->family, $part->key) : [],
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

    /** @return FormInterface<mixed> */
    public function recordForm(PartRecord $record, Part $part): FormInterface
    {
        return $this->forms->createNamed(
            'part',
            PartRecordType::class,
            $record,
            [
                'part' => $part,
                'decides' => $this->may->isGranted(Permission::ANALYSE),
                'bound' => $this->may->isGranted(Permission::ANALYSE) ? $this->bound->boundOf($record->case)[$part->key] : null,
                'conditions' => array_values(
                    array_unique(array_filter([...HangsOn::choices($this->conditions->steps($record->case)), $record->hangsOn]))
                ),
                'duties' => $this->shelf->book($record->case->family, $record->case->is())->duties,
            ],
        );
    }

    /** @return FormInterface<mixed> */
    public function findingForm(string $name, Finding $finding, Part $part): FormInterface
    {
        return $this->forms->createNamed($name, FindingType::class, $finding, [
            'part' => $part, 'modes' => $this->shelf->modes(), 'lies' => $this->shelf->vocabulary()->lies,
            'anew' => '' !== $finding->byWhom,
        ]);
    }

    public static function formName(Finding $finding): string
    {
        return 'finding_'.substr(md5((string) $finding->id), 0, 8);
    }

    public function part(CaseFile $case, string $part): Part
    {
        return $this->shelf->book($case->family, $case->is())->part($part) ?? throw new ShopError(
            \sprintf('The book of this family has no part “%s”.', $part),
            404,
        );
    }
}
