<?php

declare(strict_types=1);

namespace App\Memory\Numbers;

use App\Intake\Stage;
use App\Memory\Ask\AskShelf;
use App\Memory\Ask\AskSql;
use App\Memory\Repository\NumbersRepository;
use Japhrex\Core\Memory\Ask\WordKind;

/** How the work went, as plots: time at each stage, what repairs came to against what was offered, claims by why the unit failed. */
final readonly class WorkPlots
{
    private const MOST = 12;

    public function __construct(private NumbersRepository $numbers, private AskShelf $words)
    {
    }

    /**
     * @param \Closure(string): string $more the line that asks, with a term more
     *
     * @return array<string, array{string, list<Bar>}>
     */
    public function of(AskSql $sql, \Closure $more): array
    {
        return [
            'stages' => ['Days at each stage, of those that went out', $this->stages($sql, $more)],
            'came' => ['What it came to, against what was offered', $this->came($sql, $more)],
            'won' => ['Claims, by why it failed', $this->won($sql, $more)],
        ];
    }

    /**
     * @param \Closure(string): string $more
     *
     * @return list<Bar>
     */
    private function stages(AskSql $sql, \Closure $more): array
    {
        $of = array_column($this->numbers->stages($sql), null, 0);
        $rows = [];
        foreach (Stage::cases() as $stage) {
            if (isset($of[$stage->value])) {
                [, $days, $cases] = $of[$stage->value];
                $rows[] = [$stage->label(), $cases, $more('is:closed'), 'half of them '.$days.('1.0' === $days ? ' day' : ' days')];
            }
        }

        return Bar::all($rows);
    }

    /**
     * @param \Closure(string): string $more
     *
     * @return list<Bar>
     */
    private function came(AskSql $sql, \Closure $more): array
    {
        $rows = [];
        foreach ($this->numbers->againstOffered($sql, self::MOST) as $one) {
            $says = array_filter([
                null === $one->hours
                    ? ''
                    : \sprintf('half of %d took %d %% of the hours or more', $one->ofHours, round(100 * $one->hours)),
                null === $one->money
                    ? ''
                    : \sprintf('half of %d were charged %d %% or more', $one->ofMoney, round(100 * $one->money)),
            ]);
            $rows[] = [
                $this->words->words()->name(WordKind::Family, $one->family), max($one->ofHours, $one->ofMoney),
                $more('family:'.$one->family.' offered>0 is:closed'), implode('; ', $says),
            ];
        }

        return Bar::all($rows);
    }

    /**
     * @param \Closure(string): string $more
     *
     * @return list<Bar>
     */
    private function won(AskSql $sql, \Closure $more): array
    {
        $rows = [];
        foreach ($this->numbers->claimsByOrigin($sql, self::MOST) as $one) {
            $name = '' === $one->origin ? $one->name : $this->words->words()->name(WordKind::Origin, $one->origin);
            $asks = '' === $one->origin ? '"'.str_replace('"', '', $one->name).'"' : 'origin:'.$one->origin;
            $rows[] = [
                $name, $one->won + $one->lost + $one->open, $more($asks.' claim:any'),
                \sprintf('%d won, %d lost, %d open', $one->won, $one->lost, $one->open),
            ];
        }

        return Bar::all($rows);
    }
}
