<?php

declare(strict_types=1);

namespace App\Intake;

use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\Form\ArrivalType;
use App\Intake\Form\AttemptType;
use App\Intake\Form\ComplaintType;
use App\Intake\Form\EarlierWorkType;
use App\Intake\Form\RunningTimeType;
use App\Intake\Form\StatementType;
use App\Intake\Form\UnitType;
use App\Intake\Frame\CasePages;
use App\Intake\Repository\FoundOfCase;
use App\Platform\Form\BlankForms;
use Japhrex\Core\Chain\Mechanism\ToldWords;
use Japhrex\Core\Chain\Mechanism\TriedWords;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Response;
use Twig\Markup;

/** The intake of a case with its forms. */
final readonly class IntakePage
{
    public function __construct(
        private CasePages $pages,
        private BookShelf $shelf,
        private FormFactoryInterface $forms,
        private EarlierCases $earlier,
        private ArrivalEvidence $evidence,
        private Security $may,
        private FoundOfCase $found,
        private BlankForms $blank,
    ) {
    }

    /**
     * @param array<string, FormInterface<mixed>> $submitted forms that did not hold, by name
     * @param string $change id of the complaint that is being changed; empty: none is
     */
    public function show(CaseFile $case, array $submitted = [], string $change = ''): Response
    {
        $this->found->read($case);
        $may = $this->may->isGranted(Permission::TAKE_IN) && !$case->isSigned();
        $forms = !$may ? [] : [
            'unit' => $submitted['unit'] ?? $this->unitForm($case),
            'arrival' => $submitted['arrival'] ?? $this->arrivalForm($case),
            'statement' => $submitted['statement'] ?? $this->forms->createNamed(
                'statement',
                StatementType::class,
                new Statement($case),
                ['case' => $case],
            ),
        ];
        $complaints = [];
        foreach ($case->complaints as $complaint) {
            $name = self::formName($complaint);
            $changes = $may && $change === (string) $complaint->id;
            $form = $submitted[$name] ?? ($changes ? $this->complaintForm($name, $complaint, $case) : null);
            $complaints[] = ['complaint' => $complaint, 'form' => $form?->createView()];
        }

        return $this->pages->show($case, 'intake/show.html.twig', [
            'add' => $may ? $this->blankForms($case, $submitted) : [],
            'forms' => array_map(static fn (FormInterface $form) => $form->createView(), $forms),
            'complaints' => $complaints,
            'meanings' => array_map(
                static fn (ToldWords $one): string => $one->name,
                $this->shelf->vocabulary()->told(),
            ),
            'canBeTried' => array_map(
                static fn (TriedWords $one): string => $one->name,
                $this->shelf->vocabulary()->tried,
            ),
            'contradicted' => RunningTimes::contradicted($case),
            'earlier' => $this->earlier->of($case->serial, $case),
            'opened' => array_key_first($submitted),
            'arrived' => $this->evidence->shown($case),
        ], [] === $submitted ? 200 : 422);
    }

    /**
     * What adds to the case, without what the case itself is asked in.
     *
     * @param array<string, FormInterface<mixed>> $submitted
     *
     * @return array<string, Markup> the fields, by name of the form
     */
    private function blankForms(CaseFile $case, array $submitted): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $add = ['complaint' => $this->blank->fields(
            $submitted['complaint'] ?? null,
            fn (): FormInterface => $this->complaintForm('complaint', new Complaint($case), $case),
            ['complaint', $book->complaints, $book->medium, $this->may->isGranted(Permission::ANALYSE)],
        )];
        foreach ([
            'tried' => [AttemptType::class, Attempt::class],
            'running' => [RunningTimeType::class, RunningTime::class],
            'work' => [EarlierWorkType::class, EarlierWork::class],
        ] as $name => [$type, $of]) {
            $add[$name] = $this->blank->fields(
                $submitted[$name] ?? null,
                fn (): FormInterface => $this->forms->createNamed($name, $type, new $of($case)),
                [$name],
            );
        }

        return $add;
    }

    /** @return FormInterface<mixed> */
    public function unitForm(CaseFile $case): FormInterface
    {
        return $this->forms->createNamed('unit', UnitType::class, $case, ['book' => $this->shelf->book($case->family, $case->is())]);
    }

    /** @return FormInterface<mixed> */
    public function arrivalForm(CaseFile $case): FormInterface
    {
        $medium = $this->shelf->book($case->family, $case->is())->medium;

        return $this->forms->createNamed('arrival', ArrivalType::class, $case->arrival, ['medium' => $medium]);
    }

    /** @return FormInterface<mixed> */
    public function complaintForm(string $name, Complaint $complaint, CaseFile $case): FormInterface
    {
        return $this->forms->createNamed($name, ComplaintType::class, $complaint, [
            'book' => $this->shelf->book($case->family, $case->is()),
            'decides' => $this->may->isGranted(Permission::ANALYSE),
        ]);
    }

    public static function formName(Complaint $complaint): string
    {
        return 'complaint_'.substr(md5((string) $complaint->id), 0, 8);
    }
}
