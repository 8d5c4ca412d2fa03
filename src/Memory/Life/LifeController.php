<?php

declare(strict_types=1);

namespace App\Memory\Life;

use App\Account\User;
use App\Platform\Words;
use Japhrex\Core\Memory\Ask\AskError;
use Japhrex\Core\Memory\Life\Compared;
use Japhrex\Core\Memory\Life\LifeMeasure;
use Japhrex\Core\Memory\Life\LivedGroup;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** How long repaired units live: of a model, a part, an origin, whatever a line asks for; against another line, if there is one. */
final class LifeController extends AbstractController
{
    private const LONGEST = 500;

    public function __construct(private readonly LifeView $view)
    {
    }

    #[Route('/life', name: 'life', methods: ['GET'])]
    public function life(Request $request, #[CurrentUser] User $who): Response
    {
        $lines = [Words::of($request->query->getString('q'), self::LONGEST), Words::of($request->query->getString('with'), self::LONGEST)];
        $same = $request->query->getBoolean('same');
        $in = LifeMeasure::tryFrom($request->query->getString('in')) ?? LifeMeasure::Months;
        $shown = ['lines' => $lines, 'same' => $same, 'in' => $in, 'groups' => [], 'wrong' => null];
        try {
            foreach ('' === $lines[1] ? [$lines[0]] : $lines as $line) {
                $shown['groups'][] = $this->view->group($line, $in, $same, $who);
            }
        } catch (AskError $error) {
            $shown['wrong'] = $error->getMessage();
        }
        if ('csv' === $request->query->getString('as') && null === $shown['wrong']) {
            return $this->table($shown['groups'], $in);
        }

        return $this->render('memory/life.html.twig', $shown + [
            'paper' => new Paper($shown['groups']),
            'measures' => LifeMeasure::cases(),
            'cameBack' => null === $shown['wrong'] ? $this->view->cameBack($lines[0], $who) : [],
            'compared' => 2 === \count($shown['groups']) ? Compared::of(...$shown['groups']) : null,
        ], new Response(status: null === $shown['wrong'] ? 200 : 422));
    }

    /** @param list<LivedGroup> $groups */
    private function table(array $groups, LifeMeasure $in): Response
    {
        $rows = [];
        foreach ($groups as $group) {
            foreach ($group->lives as $life) {
                $rows[] = [
                    'asked' => $group->line, $in->unit() => round($life->time, 3), 'still running' => $life->isRunning ? 'yes' : 'no',
                ];
            }
        }

        return new Response((new CsvEncoder())->encode($rows, 'csv', [CsvEncoder::ESCAPE_FORMULAS_KEY => true]), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="life.csv"',
        ]);
    }
}
