<?php

declare(strict_types=1);

namespace App\Figures;

use App\Intake\AtSpeed;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Warmth;
use App\Measuring\CaseMeasures;
use App\Platform\BookShelf;
use Japhrex\Core\Family\LeakModel;
use Japhrex\Core\Figure\Fill\Expression;
use Japhrex\Core\Figure\Fill\Fill;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Figure\Fill\Sources;
use Japhrex\Core\Figure\Result;
use Japhrex\Core\Hydraulics\ComplaintFit;
use Japhrex\Core\Hydraulics\WearPattern;

/** Does the wear explain the complaint? The complaint check, filled from the book and the readings of a case. */
final readonly class WearCheck
{
    public function __construct(private BookShelf $shelf, private CaseMeasures $measures, private FigureDesk $desk, private Filler $filler)
    {
    }

    /** Null for a family without leak paths in its book. */
    public function of(CaseFile $case): ?WearChecked
    {
        $leaks = $this->shelf->book($case->family)->leaks;
        $card = $this->desk->card('complaint-check');
        if (null === $leaks || null === $card) {
            return null;
        }
        $sources = $this->measures->sources($case);
        $routes = $this->routes($leaks, $sources);
        $typed = $this->filler->typed(new Fill($card->name, $leaks->facts), $sources) + [
            'new-paths' => implode(';', array_map(static fn (array $one): string => $one['route']->with($one['route']->new), $routes)),
            'found-paths' => implode(';', array_map(static fn (array $one): string => $one['route']->with($one['found'] ?? $one['route']->new), $routes)),
        ];
        $inOrder = [];
        foreach ($card->keys as $key) {
            if (isset($typed[$key->name])) {
                $inOrder[$key->name] = $typed[$key->name];
            }
        }
        $asked = $this->desk->ask($card, $inOrder);
        $answer = $asked->outcome?->results()['pattern']->value ?? null;
        $pattern = \is_string($answer) ? WearPattern::tryFrom($answer) : null;

        $known = [] !== array_filter($routes, static fn (array $one): bool => null !== $one['found']);

        return new WearChecked($asked, $routes, $pattern, $known ? $this->fits($case, $leaks, $pattern) : []);
    }

    /** @return array<string, mixed>|null what is kept when the case is signed; null when nothing was measured for it */
    public function asData(CaseFile $case): ?array
    {
        $checked = $this->of($case);
        if (null === $checked || 0 === $checked->known() || null === $checked->asked->outcome) {
            return null;
        }

        return [
            'typed' => $checked->asked->typed,
            'results' => array_map(static fn (Result $result): array => $result->asData(), $checked->asked->outcome->results()),
            'formula' => $checked->asked->card->version,
            'complaints' => array_map(static fn (array $one): array => ['complaint' => (string) $one['complaint']->id, 'fit' => $one['fit']->sentence], $checked->fits),
        ];
    }

    /** @return list<array{route: \Japhrex\Core\Family\LeakRoute, found: string|null, from: list<string>}> */
    private function routes(LeakModel $leaks, Sources $sources): array
    {
        $routes = [];
        foreach ($leaks->routes as $route) {
            preg_match('/^\{(.*)\}$/', $route->found, $m);
            $expression = Expression::of($m[1] ?? $route->found);
            $from = array_map(static fn (string $reference): ?string => $sources->known($reference)?->name, $expression->references());
            $routes[] = ['route' => $route, 'found' => $expression->text($sources), 'from' => array_values(array_filter($from))];
        }

        return $routes;
    }

    /** @return list<array{complaint: Complaint, fit: ComplaintFit}> */
    private function fits(CaseFile $case, LeakModel $leaks, ?WearPattern $pattern): array
    {
        $fits = [];
        foreach ($case->complaints as $complaint) {
            if (null !== $pattern && \in_array($complaint->what, $leaks->explains, true)) {
                $fits[] = ['complaint' => $complaint, 'fit' => ComplaintFit::of($pattern, self::felt($complaint))];
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
