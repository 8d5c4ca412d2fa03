<?php

declare(strict_types=1);

namespace App\Laboratory;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Frame\CasePages;
use App\Laboratory\Form\AnswerInput;
use App\Laboratory\Repository\LabOrderRepository;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Response;

/** What others looked into, on its page. */
final readonly class LabPage
{
    public function __construct(
        private CasePages $pages,
        private BookShelf $shelf,
        private LabShelf $laboratory,
        private LabOrderRepository $orders,
        private Analysed $analysed,
    ) {
    }

    /** @param AnswerInput|null $typed what was answered to an order and not kept, and why */
    public function show(CaseFile $case, ?LabOrder $order = null, ?AnswerInput $typed = null, string $wrong = ''): Response
    {
        $verdicts = $others = [];
        foreach ($this->orders->ofCase($case) as $one) {
            $verdicts[(string) $one->id] = $this->analysed->verdicts($one);
            $others[(string) $one->id] = $this->analysed->others($one);
        }

        return $this->pages->show($case, 'laboratory/show.html.twig', [
            'orders' => $this->orders->ofCase($case),
            'verdicts' => $verdicts,
            'others' => $others,
            'analytes' => $this->laboratory->laboratory()->analytes,
            'fluid' => $this->shelf->vocabulary()->fluid,
            'modes' => $this->shelf->modes()->modes,
            'lies' => $this->shelf->vocabulary()->lies,
            'kinds' => LabKind::cases(),
            'today' => now(),
            'typedAt' => $order,
            'typed' => $typed,
            'wrong' => $wrong,
        ], '' === $wrong ? 200 : 422);
    }
}
