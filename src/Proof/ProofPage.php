<?php

declare(strict_types=1);

namespace App\Proof;

use App\Books\BookShelf;
use App\Figures\WearCheck;
use App\Intake\CaseFile;
use App\Intake\Frame\CasePages;
use App\Proof\Aftercare\AftercareLink;
use App\Proof\Live\LiveStand;
use Japhrex\Core\Proof\ProofEntry;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Response;

/** The sheet of the proof, its recordings, the run of a stand and the return to service. */
final readonly class ProofPage
{
    public function __construct(
        private CasePages $pages,
        private ProofDesk $desk,
        private Stand $recordings,
        private RecordedLines $lines,
        private LiveStand $live,
        private BuildFlow $flow,
        private WearCheck $wear,
        private WayRound $wayRound,
        private ProofLimits $limits,
        private FromRecording $fromRecording,
        private BookShelf $shelf,
        private AftercareLink $aftercare,
    ) {
    }

    /** @param array<string, mixed> $typed */
    public function show(CaseFile $case, array $typed = [], ?Handover $handover = null): Response
    {
        $known = $this->desk->handover($case);
        $run = $this->live->runOf($case);
        $gaps = $this->flow->gaps($case);
        $checked = $this->wear->check($case);
        $sheet = $this->desk->sheet($case);
        $missed = array_filter($sheet, static fn (ProofRow $row): bool => ProofEntry::MISSED === $row->outcome);

        return $this->pages->show($case, 'proof/proof.html.twig', [
            'sheet' => $sheet,
            'hand' => self::hand($sheet),
            'ways' => [] === $missed ? [] : $this->wayRound->of($case),
            'ownLimits' => $this->limits->inForce($this->shelf->book($case->family, $case->is())),
            'recorded' => $this->fromRecording->of($case, $sheet),
            'recordings' => $recordings = $this->recordings->recordingsOf($case), 'lines' => $this->lines->of($recordings),
            'known' => $known,
            'aftercare' => null === $known ? '' : $this->aftercare->of($known),
            'handover' => $handover ?? $known ?? $this->desk->draft($case),
            'typed' => $typed,
            'stands' => $this->live->stands(),
            'run' => $run,
            'trace' => null === $run ? null : $this->live->trace($run),
            'gaps' => $gaps,
            'checked' => 0 === $checked?->known() ? null : $checked,
            'built' => [] === $gaps ? [] : $this->flow->held($case),
            'now' => now(),
        ], [] === $typed ? 200 : 422);
    }

    /**
     * The step that is in hand: the first that is not answered. What is loaded or hot may be written before it.
     *
     * @param list<ProofRow> $sheet
     */
    private static function hand(array $sheet): string
    {
        foreach ($sheet as $row) {
            if (!$row->isAnswered()) {
                return $row->item->key;
            }
        }

        return '';
    }
}
