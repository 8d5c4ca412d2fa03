<?php

declare(strict_types=1);

namespace App\Shop;

use App\Claims\ClaimRow;
use App\Claims\Repository\ClaimRepository;
use App\Memory\ClaimDue;
use App\Memory\Remember;
use App\Memory\Repository\AskRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** All claims of the shop: those that somebody waits for with what is due next, and the last of those that are over. */
final class ClaimListController extends AbstractController
{
    /** So many that are over; the rest is a question away. */
    private const OVER = 25;

    public function __construct(
        private readonly ClaimRepository $claims,
        private readonly Remember $remember,
        private readonly AskRepository $memory,
    ) {
    }

    #[Route('/claims', name: 'claims', methods: ['GET'])]
    public function all(): Response
    {
        $this->remember->due();
        /** @var array<string, ClaimDue> $due the first of each claim */
        $due = [];
        foreach ($this->memory->claimsDue(now('today'), null) as $one) {
            $due[$one->number] ??= $one;
        }
        $open = $this->claims->open();
        $by = static fn (ClaimRow $one): string => ($due[$one->number] ?? null)?->by->format('Y-m-d') ?? 'none';
        usort($open, static fn (ClaimRow $a, ClaimRow $b): int => $by($a) <=> $by($b));

        return $this->render('shop/claims.html.twig', [
            'open' => $open, 'due' => $due, 'over' => $this->claims->over(self::OVER), 'today' => now('today'),
        ]);
    }
}
