<?php

declare(strict_types=1);

namespace App\Parts\OneByOne;

use App\Books\BookShelf;
use App\Chain\Engine\CaseAnalysis;
use App\Intake\CaseFile;

/**
 * What each part of a case may have, first what the likeliest origins would bring about there: one tap is a grade of the first.
 */
final readonly class PlausibleDamage
{
    /** So many kinds are offered, each where it is likeliest; then other places of the same, up to so many in all. */
    private const KINDS = 11;
    private const MOST = 13;

    public function __construct(private CaseAnalysis $analysis, private BookShelf $shelf)
    {
    }

    /** @return array<string, list<Plausible>> by part */
    public function of(CaseFile $case): array
    {
        // In which order kinds are offered is no judgement: a tap does not wait until the engine has weighed the tap before it.
        $analysis = $this->analysis->lastAnalysisOf($case);
        $book = $this->shelf->book($case->family, $case->is());
        $modes = $this->shelf->modes();
        $expected = $analysis->expected();
        $found = [];
        foreach ($analysis->ground->spots as $id => $spot) {
            $mode = 'damage' === $spot->kind ? $modes->get($spot->key) : null;
            if (null !== $mode && null !== $spot->place) {
                [$part, $surface] = explode('/', $spot->place) + [1 => null];
                $name = $mode->name.(null === $surface ? '' : ', '.lcfirst($book->parts[$part]->surfaceName($surface)));
                $found[$part][] = new Plausible($spot->place, $spot->key, $name, $expected[$id] ?? 0.0);
            }
        }

        return array_map(self::likeliestFirst(...), $found);
    }

    /**
     * @param list<Plausible> $all
     *
     * @return list<Plausible>
     */
    private static function likeliestFirst(array $all): array
    {
        usort($all, static fn (Plausible $a, Plausible $b): int => [$b->chance, $a->name] <=> [$a->chance, $b->name]);
        $kinds = [];
        foreach ($all as $one) {
            $kinds[$one->mode] ??= $one;
        }
        $kinds = \array_slice(array_values($kinds), 0, self::KINDS);
        $more = array_filter($all, static fn (Plausible $one): bool => !\in_array($one, $kinds, true));

        return \array_slice([...$kinds, ...array_values($more)], 0, self::MOST);
    }
}
