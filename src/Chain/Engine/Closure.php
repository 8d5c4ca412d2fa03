<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Books\BookShelf;
use App\Chain\CaseChain;
use App\Chain\ChainNode;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use Japhrex\Core\Chain\ClosureProblem;
use Japhrex\Core\Chain\ClosureRule;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\NamedOrigin;
use Japhrex\Core\Chain\Ground\Rivals;
use Japhrex\Core\Chain\Ground\Shortlist;
use Japhrex\Core\Chain\NodeKind;

/** All that a chain leaves open: what its own checks say, and what the engine has against it. */
final readonly class Closure
{
    /** So many alternatives are named, each a point of its own. */
    private const NAMED = 3;

    public function __construct(
        private CaseChain $chains,
        private CaseAnalysis $analysis,
        private Refusals $refusals,
        private BookShelf $shelf,
        private KeptOfCase $kept,
    ) {
    }

    /** @return list<ClosureProblem> */
    public function problemsOf(CaseFile $case): array
    {
        return $this->kept->of(
            $case, 'closure', fn (): array => [...$this->chains->problems($case), ...$this->alternatives($case)],
        );
    }

    /** @return list<ClosureProblem> */
    public function alternatives(CaseFile $case): array
    {
        $origins = array_values(
            array_filter($this->chains->nodes($case), static fn (ChainNode $node): bool => NodeKind::Origin === $node->kind)
        );
        // Without an origin there is nothing that it could be an alternative to; the chain's own checks say that.
        if ([] === $origins) {
            return [];
        }
        $analysis = $this->analysis->analysisOf($case);
        $candidates = $analysis->candidates(20);
        if (Shortlist::isUndetermined($candidates)) {
            return [];
        }
        $named = Rivals::named(
            array_map(
                static fn (ChainNode $node): NamedOrigin => new NamedOrigin($node->spot, $node->origin, $node->place),
                $origins,
            ),
            $candidates,
            $this->shelf->vocabulary(),
            array_keys($analysis->question->network->index),
        );
        $own = implode(', ', array_map(static fn (ChainNode $node): string => $node->name, $origins));

        return array_map(static fn (Candidate $one): ClosureProblem => new ClosureProblem(ClosureRule::AlternativeOpen, \sprintf(
            'An alternative that nothing excludes: %s (%d %%) explains %d of what was found, beside “%s”%s. Look at what would '
                .'settle it, or refuse it with a reason.',
            lcfirst($one->origin->name), round(100 * $one->part), \count($one->explains), $own, [] === $named
                ? ', which the engine does not know'
                : \sprintf(' (%d %%)', round(100 * ($analysis->theory($named[0])->part ?? 0.0))),
        )), \array_slice(Rivals::of($candidates, $named, array_keys($this->refusals->origins($case))), 0, self::NAMED));
    }
}
