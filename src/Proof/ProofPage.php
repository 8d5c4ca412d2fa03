<?php

declare(strict_types=1);

namespace App\Proof;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Proof\Live\LiveStand;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Response;
use Twig\Environment;

/** The sheet of the proof, its recordings, the run of a stand and the return to service. */
final readonly class ProofPage
{
    public function __construct(
        private Environment $twig,
        private BookShelf $shelf,
        private ProofDesk $desk,
        private Stand $recordings,
        private LiveStand $live,
    ) {
    }

    /** @param array<string, mixed> $typed */
    public function show(CaseFile $case, array $typed = [], ?Handover $handover = null): Response
    {
        $known = $this->desk->handover($case);
        $run = $this->live->of($case);

        return new Response($this->twig->render('proof/proof.html.twig', [
            'case' => $case,
            'book' => $this->shelf->book($case->family),
            'sheet' => $this->desk->sheet($case),
            'recordings' => $this->recordings->of($case),
            'known' => $known,
            'handover' => $handover ?? $known ?? $this->desk->draft($case),
            'typed' => $typed,
            'stands' => $this->live->stands(),
            'run' => $run,
            'trace' => null === $run ? null : $this->live->trace($run),
            'now' => now(),
        ]), [] === $typed ? 200 : 422);
    }
}
