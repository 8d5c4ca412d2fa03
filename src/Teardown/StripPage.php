<?php

declare(strict_types=1);

namespace App\Teardown;

use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Frame\CasePages;
use App\Intake\Meant;
use App\Intake\OnPurpose;
use App\Teardown\Form\OpeningInput;
use App\Teardown\Form\StepType;
use Japhrex\Core\Family\Lifting;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Teardown\BeforeOpening;
use Japhrex\Core\Teardown\Loosening;
use Japhrex\Core\Teardown\StepStatus;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Response;

/** The strip run with one step in hand, and where the run stands on every device. */
final readonly class StripPage
{
    public function __construct(
        private CasePages $pages,
        private BookShelf $shelf,
        private StripBench $bench,
        private SeenParts $seen,
        private FormFactoryInterface $forms,
        private RestOfBench $rest,
        private NeededBefore $needed,
        private OnPurpose $onPurpose,
        private OpenUnit $open,
        private Security $may,
    ) {
    }

    /**
     * @param FormInterface<mixed>|null $submitted what did not hold
     * @param list<string> $asked what is still asked before the part comes off
     * @param OpeningInput|null $opening what was said before it is opened and did not hold, and why
     */
    public function show(
        CaseFile $case,
        StepStatus $status,
        ?FormInterface $submitted = null,
        array $asked = [],
        ?OpeningInput $opening = null,
        string $refused = '',
    ): Response {
        $records = $this->bench->records($case);
        $record = $records[$status->step->key] ?? null;
        $may = $this->may->isGranted(Permission::BENCH) && !$case->isSigned() && $status->isReady();
        $form = $submitted ?? ($may ? $this->form($record ?? new StepRecord($case, $status->step->key), $status) : null);

        return $this->pages->show($case, 'teardown/strip.html.twig', [
            'run' => $this->bench->run($case, $this->shelf->book($case->family, $case->is())),
            'seenParts' => $this->seen->seenOf($case),
            'answers' => $this->seen->answersOf($case),
            'modes' => $this->shelf->modes(),
            'needed' => $this->neededWords($record ?? new StepRecord($case, $status->step->key), $status->step),
            'records' => $records,
            'seen' => StripBench::fingerprint($records),
            'mine' => $record->version ?? 0,
            'status' => $status,
            'record' => $record,
            'form' => $form?->createView(),
            'rest' => $case->isSigned() ? null : $this->rest->of($case),
            'asked' => $asked,
            'loosening' => Loosening::of($this->shelf->book($case->family, $case->is())->upkeep, $status->step->key),
            'lifts' => Lifting::at($this->shelf->book($case->family, $case->is()), $status->step, $status->step->removes, $case->is()),
            'weight' => Lifting::weight($this->shelf->book($case->family, $case->is()), $case->is()),
            'opening' => $this->open->said($case),
            'asksOpening' => $this->open->isAsked($case),
            'saidOpening' => $opening ?? new OpeningInput(liquid: $case->arrival->pumped ?? ''),
            'refusedOpening' => $refused,
            'ticks' => BeforeOpening::TICKS,
            'meant' => array_values(array_filter(
                $this->onPurpose->before($case),
                static fn (Meant $one): bool => [] !== array_intersect($one->parts, $status->step->removes),
            )),
        ], null === $submitted && '' === $refused ? 200 : 422);
    }

    /** @param int $mine the version of the step that the asking device shows */
    public function state(CaseFile $case, StepStatus $status, int $mine): Response
    {
        $records = $this->bench->records($case);

        return $this->pages->show($case, 'teardown/state.html.twig', [
            'run' => $this->bench->run($case, $this->shelf->book($case->family, $case->is())),
            'seenParts' => $this->seen->seenOf($case),
            'records' => $records,
            'status' => $status,
            'seen' => StripBench::fingerprint($records),
            'mine' => $mine,
        ]);
    }

    /** @return list<string> what is asked before the parts come off and not there yet, the settings as found among it */
    private function neededWords(StepRecord $record, StripStep $step): array
    {
        $book = $this->shelf->book($record->case->family, $record->case->is());
        $open = array_filter($step->adjusters, static fn (string $at): bool => '' === ($record->adjusters[$at] ?? ''));

        return [
            ...array_map(static fn (string $at): string => lcfirst($book->field($at)->name ?? $at).' as found', array_values($open)),
            ...$this->needed->of($record, $step),
        ];
    }

    /** @return FormInterface<mixed> */
    public function form(StepRecord $record, StepStatus $status): FormInterface
    {
        $book = $this->shelf->book($record->case->family, $record->case->is());
        $adjusters = array_filter(array_combine($status->step->adjusters, array_map($book->field(...), $status->step->adjusters)));

        return $this->forms->createNamed('step', StepType::class, $record, ['step' => $status->step, 'adjusters' => $adjusters]);
    }
}
