<?php

declare(strict_types=1);

namespace App\Memory\Life;

use App\Account\User;
use App\Memory\KeptAnswers;
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

    public function __construct(private readonly LifeView $view, private readonly KeptAnswers $kept)
    {
    }

    #[Route('/life', name: 'life', methods: ['GET'])]
    public function life(Request $request, #[CurrentUser] User $who): Response
    {
        $lines = [Words::of($request->query->getString('q'), self::LONGEST), Words::of($request->query->getString('with'), self::LONGEST)];
        $same = $request->query->getBoolean('same');
        $in = LifeMeasure::tryFrom($request->query->getString('in')) ?? LifeMeasure::Months;
        $shown = ['lines' => $lines, 'same' => $same, 'in' => $in];
        $asked = '' === $lines[1] ? [$lines[0]] : $lines;
        $groups = fn (): array => array_map(fn (string $line): LivedGroup => $this->view->group($line, $in, $same, $who), $asked);
        [$answer, $wrong] = ['', null];
        try {
            if ('csv' === $request->query->getString('as')) {
                return $this->table($groups(), $in);
            }
            $answer = $this->kept->of(
                ['life', $same, $in], $asked, $who,
                fn (?\DateTimeImmutable $at): string => $this->renderView('memory/_lives.html.twig', $shown + ['at' => $at] + $this->lives(
                    $groups(), $lines[0], $who,
                )),
            );
        } catch (AskError $error) {
            $wrong = $error->getMessage();
        }

        return $this->render(
            'memory/life.html.twig',
            $shown + ['measures' => LifeMeasure::cases(), 'answer' => $answer, 'wrong' => $wrong],
            new Response(status: null === $wrong ? 200 : 422),
        );
    }

    /**
     * @param list<LivedGroup> $groups
     *
     * @return array<string, mixed>
     */
    private function lives(array $groups, string $line, User $who): array
    {
        return [
            'groups' => $groups,
            'paper' => new Paper($groups),
            'cameBack' => $this->view->cameBack($line, $who),
            'compared' => 2 === \count($groups) ? Compared::of(...$groups) : null,
        ];
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
