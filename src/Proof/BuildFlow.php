<?php

declare(strict_types=1);

namespace App\Proof;

use App\Books\BookShelf;
use App\Figures\FigureDesk;
use App\Figures\WearCheck;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use App\Measuring\CaseMeasures;
use App\Repair\Build\BuildDesk;
use App\Repair\RepairDesk;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Family\FoundGap;
use Japhrex\Core\Family\LeakRoute;
use Japhrex\Core\Figure\Fill\Expression;
use Japhrex\Core\Figure\Leakage\PumpInputs;
use Japhrex\Core\Figure\Result;
use Japhrex\Core\Hydraulics\Oil;
use Japhrex\Core\Proof\ExpectedFlow;
use Japhrex\Core\Repair\Build\AsBuilt;

/** What the unit should do as it went together: with the plays read in the build, the sizes of what went back in, and the rest as new. */
final readonly class BuildFlow
{
    public function __construct(
        private BookShelf $shelf,
        private WearCheck $wear,
        private FigureDesk $figures,
        private CaseMeasures $measures,
        private BuildDesk $build,
        private RepairDesk $repair,
        private KeptOfCase $kept,
    ) {
    }

    /**
     * @param float $flowU expanded uncertainty of the stand's flow, m³/s
     *
     * @return ExpectedFlow|null null for a family without leak paths in its book, or where a fact is missing
     */
    public function expected(CaseFile $case, float $flowU = 0.0): ?ExpectedFlow
    {
        $inputs = $this->asked($case)?->inputs;

        return null === $inputs ? null : new ExpectedFlow(
            PumpInputs::pump($inputs, 'found-paths'),
            new Oil($inputs->si('v40'), $inputs->si('v100'), $inputs->has('density') ? $inputs->si('density') : 0.0),
            $flowU,
        );
    }

    /** @return array<string, Result> pressure held in each state, as built */
    public function held(CaseFile $case): array
    {
        return $this->kept->of($case, 'held as built', fn (): array => $this->states($case));
    }

    /** @return array<string, Result> */
    private function states(CaseFile $case): array
    {
        $held = [];
        foreach ($this->asked($case)?->outcome?->results() ?? [] as $name => $result) {
            if (str_ends_with($name, '-found')) {
                $held[substr($name, 0, -6)] = $result;
            }
        }

        return $held;
    }

    /** @return list<GapAsBuilt> the gaps that it is worked out with, each with where it is from */
    public function gaps(CaseFile $case): array
    {
        return $this->kept->of($case, 'gaps as built', fn (): array => $this->asBuilt($case));
    }

    /** @return list<GapAsBuilt> */
    private function asBuilt(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family, $case->is());
        $built = new AsBuilt($book, $this->measures->sources($case), $this->plays($case), $this->renewed($case));

        return array_map(static function (LeakRoute $route) use ($built, $book): GapAsBuilt {
            $found = FoundGap::of($route, $built, $book->fieldName(...));
            $references = Expression::of(trim($route->found, '{}'))->references();

            return new GapAsBuilt(
                $found,
                match (true) {
                    !$found->isKnown() => [] === array_filter($references, $built->isRenewed(...)) ? 'not read, counted as new' : 'as new',
                    [] !== array_filter($references, $built->isRead(...)) => 'read in the build',
                    default => 'went back in as found',
                },
            );
        }, $book->leaks->routes ?? []);
    }

    private function asked(CaseFile $case): ?\App\Figures\Asked
    {
        $asked = $this->wear->check($case)?->asked;

        // Where nobody can know how a part lies, the way that leaks most: the stand is not held to more than it can give.
        return null === $asked
            ? null
            : $this->figures->ask(
                $asked->card,
                [
                    'found-paths' => implode(
                        ';',
                        array_map(static fn (GapAsBuilt $one): string => $one->found->paths(true), $this->gaps($case)),
                    ),
                ] + $asked->typed,
            );
    }

    /** @return array<string, list<string>> plays of the build by the reading that they are; the last attempt counts */
    private function plays(CaseFile $case): array
    {
        $plays = [];
        foreach ($this->build->sheet($case) as $row) {
            $typed = $row->done && '' !== $row->step->reads
                ? $row->records[\count($row->records) - 1]->typed['readings'] ?? ''
                : '';
            if (\is_string($typed) && '' !== $typed) {
                $plays[$row->step->reads] = array_map(trim(...), explode(';', trim($typed, '; ')));
            }
        }

        return $plays;
    }

    /** @return list<string> parts that are new, or were worked on */
    private function renewed(CaseFile $case): array
    {
        return array_keys(
            array_filter(
                $this->repair->plan($case)->decided,
                static fn (Disposition $one): bool => !$one->keepsThePart() || Disposition::Machine === $one,
            )
        );
    }
}
