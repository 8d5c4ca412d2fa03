<?php

declare(strict_types=1);

namespace App\Memory\About;

use App\Account\User;
use App\Books\BookShelf;
use App\Memory\Ask\AskedPage;
use App\Memory\Ask\AskSort;
use App\Memory\Ask\AskSql;
use App\Memory\KeptAnswers;
use App\Memory\Repository\AboutRepository;
use App\Platform\ShopError;
use App\Platform\Words;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** All that the shop knows of a customer, a machine, a model, or one unit by its serial. */
final class AboutController extends AbstractController
{
    private const MOST = 8;

    public function __construct(
        private readonly AskedPage $page,
        private readonly AboutRepository $about,
        private readonly BookShelf $shelf,
        private readonly KeptAnswers $kept,
    ) {
    }

    #[Route('/about/{what}', name: 'about', methods: ['GET'])]
    public function show(AboutWhat $what, Request $request, #[CurrentUser] User $who): Response
    {
        [$is, $of] = [Words::of($request->query->getString('is'), 170), Words::of($request->query->getString('of'), 120)];
        if ('' === $is || (AboutWhat::Machine === $what && '' === $of)) {
            throw new ShopError('Of whom or what? The page is opened from a case or from a list.', 404);
        }
        $line = $what->line($is, $of);
        // A life is told from its beginning.
        $sort = \in_array($what, [AboutWhat::Serial, AboutWhat::Machine], true) ? AskSort::Oldest : AskSort::Newest;
        $asked = $this->page->ask($line, $sort, max(1, $request->query->getInt('page', 1)), $who);
        $sql = $this->page->sql($line, $who);
        $told = $this->kept->of(['about', $what], [$line], $who, fn (?\DateTimeImmutable $at): array => [
            'figures' => $this->about->figures($sql), 'hurt' => $this->hurt($line, $sql),
            'machines' => AboutWhat::Customer === $what ? $this->about->machines($sql, 2 * self::MOST) : [], 'at' => $at,
        ], $asked->count);

        return $this->render('memory/about.html.twig', ['what' => $what, 'is' => $is, 'of' => $of, 'asked' => $asked] + $told);
    }

    /** @return list<array{name: string, line: string, bad: int, seen: int}> parts that are found bad most often */
    private function hurt(string $line, AskSql $sql): array
    {
        $parts = $this->about->hurt($sql, self::MOST);
        $names = array_map(fn (array $one): string => $this->shelf->book($one[0])->parts[$one[1]]->name ?? $one[1], $parts);
        $alike = array_count_values($names);
        $hurt = [];
        foreach ($parts as $i => [$family, $part, $bad, $seen]) {
            // Each family has its body: where two are called the same it is told whose.
            $whose = $alike[$names[$i]] > 1 ? ', '.lcfirst($this->shelf->book($family)->title) : '';
            $hurt[] = [
                'name' => $names[$i].$whose, 'line' => $line.' family:'.$family.' part:'.$part.' grade>=2', 'bad' => $bad, 'seen' => $seen,
            ];
        }

        return $hurt;
    }
}
