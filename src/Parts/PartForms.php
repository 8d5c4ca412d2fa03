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
use App\Evidence\Reference;
use App\Intake\CaseFile;
use App\Platform\Form\BlankForms;
use App\Platform\KeptHtml;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Repair\HangsOn;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Twig\Environment;
use Twig\Markup;

/** The forms of a part: its record and its findings. */
final readonly class PartForms
{
    public function __construct(
        private BookShelf $shelf,
        private FormFactoryInterface $forms,
        private Security $may,
        private PartLimits $bound,
        private Conditions $conditions,
        private BlankForms $blank,
        private KeptHtml $kept,
        private Environment $twig,
    ) {
    }

    /** @return FormInterface<mixed> */
    public function record(PartRecord $record, Part $part): FormInterface
    {
        $decides = $this->may->isGranted(Permission::ANALYSE);

        return $this->forms->createNamed('part', PartRecordType::class, $record, [
            'part' => $part,
            'decides' => $decides,
            'bound' => $decides ? $this->bound->boundOf($record->case)[$part->key] : null,
            'conditions' => array_values(
                array_unique(array_filter([...HangsOn::choices($this->conditions->steps($record->case)), $record->hangsOn]))
            ),
            'duties' => $this->shelf->book($record->case->family, $record->case->is())->duties,
        ]);
    }

    /** @return FormInterface<mixed> */
    public function finding(string $name, Finding $finding, Part $part): FormInterface
    {
        return $this->forms->createNamed($name, FindingType::class, $finding, [
            'part' => $part, 'modes' => $this->shelf->modes(), 'lies' => $this->shelf->vocabulary()->lies,
            'anew' => '' !== $finding->byWhom,
        ]);
    }

    public static function nameOf(Finding $finding): string
    {
        return 'finding_'.substr(md5((string) $finding->id), 0, 8);
    }

    /**
     * The fields of a new find.
     *
     * @param list<Reference> $examples
     * @param FormInterface<mixed>|null $typed what was sent and did not hold
     */
    public function newFinding(CaseFile $case, Part $part, array $examples, ?FormInterface $typed): Markup
    {
        $shown = array_map(static fn (Reference $one): array => [
            (string) $one->photo->id, $one->photo->caption, $one->grade, $one->mode, $one->words,
        ], $examples);

        return $this->blank->fields(
            $typed,
            fn (): FormInterface => $this->finding('finding', new Finding($case, $part->key), $part),
            [$part, $shown],
            'parts/_finding_add.html.twig',
            ['examples' => $examples],
        );
    }

    /** What each kind of damage is and how its grades look, to be shown when it is chosen. */
    public function modeHelp(): Markup
    {
        $template = 'parts/_mode_help.html.twig';

        return new Markup($this->kept->piece(
            $template,
            [],
            fn (): string => $this->twig->render($template, ['modes' => $this->shelf->modes()]),
        ), 'UTF-8');
    }
}
