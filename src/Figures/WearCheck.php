<?php

declare(strict_types=1);

namespace App\Figures;

use App\Books\BookShelf;
use App\Evidence\Repository\FindingRepository;
use App\Intake\AtSpeed;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Warmth;
use App\Measuring\CaseMeasures;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\FoundGap;
use Japhrex\Core\Family\LeakModel;
use Japhrex\Core\Family\LeakRoute;
use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\Fill\Fill;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Figure\Result;
use Japhrex\Core\Hydraulics\WearJudgement;
use Japhrex\Core\Hydraulics\WearPattern;

/** Does the wear explain the complaint? The complaint check, filled from the book and the readings of a case. */
final readonly class WearCheck
{
    public function __construct(
        private BookShelf $shelf,
        private CaseMeasures $measures,
        private FigureDesk $desk,
        private Filler $filler,
        private FindingRepository $findings,
    ) {
    }

    /** Null for a family without leak paths in its book. */
    public function check(CaseFile $case): ?WearChecked
    {
        $book = $this->shelf->book($case->family, $case->is());
        $card = $this->desk->card('complaint-check');
        if (null === $book->leaks || null === $card) {
            return null;
        }
        $sources = $this->measures->sources($case);
        $gaps = array_map(
            static fn (LeakRoute $route): FoundGap => FoundGap::of($route, $sources, $book->fieldName(...)),
            $book->leaks->routes,
        );
        $facts = $this->filler->typed(new Fill($card->name, $book->leaks->facts), $sources);
        $asked = $this->ask($card, $facts, $gaps, true);
        $least = $this->ask($card, $facts, $gaps, false);
        $patterns = [self::pattern($least), self::pattern($asked)];
        $judgement = null === $patterns[0] || null === $patterns[1] ? null : WearJudgement::of(
            $patterns[0],
            $patterns[1],
            array_map(
                static fn (FoundGap $gap): string => lcfirst($gap->route->name),
                array_values(array_filter($gaps, static fn (FoundGap $gap): bool => $gap->isMeasured())),
            ),
            array_values(array_unique(array_merge(...array_map(static fn (FoundGap $gap): array => $gap->unread, $gaps)))),
            $this->beside($case, $book),
        );
        $known = [] !== array_filter($gaps, static fn (FoundGap $gap): bool => $gap->isKnown());

        return new WearChecked(
            $asked,
            $least,
            $gaps,
            $judgement,
            $known && null !== $judgement ? $this->fits($case, $book->leaks, $judgement) : [],
        );
    }

    /** @return array<string, mixed>|null what is kept when the case is signed; null when nothing was measured for it */
    public function asData(CaseFile $case): ?array
    {
        $checked = $this->check($case);
        if (null === $checked || 0 === $checked->known() || null === $checked->asked->outcome) {
            return null;
        }

        return [
            'typed' => $checked->asked->typed,
            'results' => array_map(static fn (Result $result): array => $result->asData(), $checked->asked->outcome->results()),
            'formula' => $checked->asked->card->version,
            'says' => $checked->judgement->sentence ?? '',
            'complaints' => array_map(
                static fn (WearFit $one): array => [
                    'complaint' => (string) $one->complaint->id,
                    'fit' => $one->fit->sentence ?? 'cannot be judged',
                ],
                $checked->fits,
            ),
        ];
    }

    /**
     * @param array<string, string> $facts
     * @param list<FoundGap> $gaps
     */
    private function ask(Card $card, array $facts, array $gaps, bool $most): Asked
    {
        $typed = $facts + [
            'new-paths' => implode(';', array_map(static fn (FoundGap $gap): string => $gap->route->asNew($most), $gaps)),
            'found-paths' => implode(';', array_map(static fn (FoundGap $gap): string => $gap->paths($most), $gaps)),
        ];
        $inOrder = [];
        foreach ($card->keys as $key) {
            if (isset($typed[$key->name])) {
                $inOrder[$key->name] = $typed[$key->name];
            }
        }

        return $this->desk->ask($card, $inOrder);
    }

    private static function pattern(Asked $asked): ?WearPattern
    {
        $answer = $asked->outcome?->results()['pattern']->value ?? null;

        return \is_string($answer) ? WearPattern::tryFrom($answer) : null;
    }

    /** @return list<string> parts that seal as well, are in no route, and were found damaged */
    private function beside(CaseFile $case, Book $book): array
    {
        $damaged = [];
        foreach ($this->findings->damageOf($case) as $finding) {
            if ($finding->grade >= 2 && \in_array($finding->part, $book->leaks->beside ?? [], true)) {
                $damaged[$finding->part] = lcfirst($book->part($finding->part)->name ?? $finding->part);
            }
        }

        return array_values($damaged);
    }

    /** @return list<WearFit> */
    private function fits(CaseFile $case, LeakModel $leaks, WearJudgement $judgement): array
    {
        $fits = [];
        foreach ($case->complaints as $complaint) {
            if (\in_array($complaint->what, $leaks->explains, true)) {
                $fits[] = new WearFit($complaint, $judgement->fit(self::felt($complaint)));
            }
        }

        return $fits;
    }

    /** @return list<string> the states in which it is felt; empty: not told */
    private static function felt(Complaint $complaint): array
    {
        $warmth = match ($complaint->warmth) {
            Warmth::Cold => ['cold'], Warmth::Hot => ['hot'], Warmth::Both => ['cold', 'hot'], null => [],
        };
        $speed = match ($complaint->atSpeed) {
            AtSpeed::Idle => ['idle'], AtSpeed::Working => ['working'], AtSpeed::Both => ['idle', 'working'], null => [],
        };
        $felt = [];
        foreach ($warmth as $one) {
            foreach ($speed as $two) {
                $felt[] = $one.'-'.$two;
            }
        }

        return $felt;
    }
}
