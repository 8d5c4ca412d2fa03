<?php

declare(strict_types=1);

namespace App\Memory\Numbers;

use App\Account\OurShop;
use App\Account\User;
use App\Books\BookShelf;
use App\Memory\Ask\AskedPage;
use App\Memory\Ask\AskShelf;
use App\Memory\Ask\AskSql;
use App\Memory\Repository\AboutRepository;
use App\Memory\Repository\NumbersRepository;
use Japhrex\Core\Damage\OftenHurt;
use Japhrex\Core\Memory\Ask\AskError;
use Japhrex\Core\Memory\Ask\AskField;
use Japhrex\Core\Memory\Ask\WordKind;
use Japhrex\Core\Statistics\Proportion;

/** The cases that a line asks for, as plots. */
final readonly class NumbersView
{
    private const MOST = 12;
    private const MONTHS = 24;
    private const PARTS = 200;

    public function __construct(
        private AskedPage $asked,
        private AskShelf $words,
        private BookShelf $shelf,
        private NumbersRepository $numbers,
        private AboutRepository $about,
        private OurShop $shop,
        private WorkPlots $work,
    ) {
    }

    /**
     * @return array{
     *     plots: array<string, array{string, list<Bar>}>,
     *     drawn: array{family: string, steps: array<string, int>}|null, agreement: list<GradesOfReading>,
     *     refusals: list<array{string, string, int}>, count: int,
     * } drawn: where all are of one family
     *
     * @throws AskError if the line cannot be read
     */
    public function gather(string $line, ?User $who): array
    {
        $sql = $this->asked->sql($line, $who);
        $count = $this->asked->count($sql);
        $hurt = $this->about->hurt($sql, self::PARTS);
        $families = array_values(array_unique(array_column($hurt, 0)));
        $family = 1 === \count($families) ? $families[0] : null;
        $more = static fn (string $term): string => trim($line.' '.$term);
        $plots = [
            'origins' => ['What it was', $this->origins($line, $this->numbers->origins($sql, self::MOST))],
            'parts' => ['Parts found bad', $this->parts($line, \array_slice($hurt, 0, self::MOST))],
            'months' => ['Taken in', Bar::all(array_map(
                static fn (array $one): array => [$one[0], $one[2], $more('taken:'.$one[0]), ''],
                $this->numbers->months($sql, self::MONTHS),
            ))],
            'waiting' => ['Where they wait', Bar::all(array_map(
                static fn (array $one): array => [
                    ucfirst(AskField::Waits->choices()[$one[0]] ?? $one[0]), $one[2], $more('waits:'.$one[0]),
                    'half of them for '.$one[1].('1' === $one[1] ? ' day' : ' days'),
                ],
                $this->numbers->waiting($sql),
            ))],
            'claims' => ['Claims', Bar::all(array_map(
                fn (array $one): array => [
                    ucfirst(AskField::Claim->choices()[$one[0]] ?? $one[0]), $one[2], $more('claim:'.$one[0]),
                    'asked for '.$this->money($one[1]),
                ],
                $this->numbers->claims($sql),
            ))],
            'offers' => ['Offered, the middle of each family', Bar::all(array_map(
                fn (array $one): array => [
                    $this->words->words()->name(WordKind::Family, $one[0]), $one[2], $more('family:'.$one[0].' offered>0'),
                    $this->money($one[1]),
                ],
                $this->numbers->offers($sql, self::MOST),
            ))],
        ] + $this->work->of($sql, $more);

        return [
            'count' => $count, 'plots' => array_filter($plots, static fn (array $plot): bool => [] !== $plot[1]),
            'drawn' => null === $family ? null : ['family' => $family, 'steps' => self::steps($hurt)],
            'agreement' => $this->agreement($sql), 'refusals' => $this->numbers->refusals($sql, self::MOST),
        ];
    }

    /**
     * @param list<array{string, string, int}> $origins
     *
     * @return list<Bar> with the share that they and those before them are of all
     */
    private function origins(string $line, array $origins): array
    {
        $all = array_sum(array_column($origins, 2));
        $sum = 0;
        $rows = [];
        foreach ($origins as [$key, $signed, $n]) {
            $sum += $n;
            $name = '' === $key ? $signed : $this->words->words()->name(WordKind::Origin, $key);
            $asks = '' === $key ? '"'.str_replace('"', '', $signed).'"' : 'origin:'.$key;
            $rows[] = [$name, $n, trim($line.' '.$asks), \sprintf('%d %% with those above', round(100 * $sum / max(1, $all)))];
        }

        return Bar::all($rows);
    }

    /**
     * @param list<array{string, string, int, int}> $hurt family, part, bad, looked at
     *
     * @return list<Bar>
     */
    private function parts(string $line, array $hurt): array
    {
        $rows = [];
        foreach ($hurt as [$family, $part, $bad, $seen]) {
            $name = $this->shelf->book($family)->parts[$part]->name ?? $part;
            $asks = \sprintf('family:%s part:%s grade>=%d', $family, $part, OftenHurt::FROM);
            $rows[] = [$name, $bad, trim($line.' '.$asks), 'of '.$seen.' looked at'];
        }

        return Bar::all($rows);
    }

    /**
     * @param list<array{string, string, int, int}> $hurt
     *
     * @return array<string, int> part => how often it is bad, as the library draws it
     */
    private static function steps(array $hurt): array
    {
        return array_column(array_map(static fn (array $one): array => [$one[1], OftenHurt::step($one[2], $one[3])], $hurt), 1, 0);
    }

    private function money(string $cents): string
    {
        return number_format((int) $cents / 100, 0, '.', ' ').' '.$this->shop->currency();
    }

    /** @return list<GradesOfReading> by reading: of each grade how many of its readings were outside the limit */
    private function agreement(AskSql $sql): array
    {
        $of = [];
        foreach ($this->numbers->gradesAgainstReadings($sql, 5) as $row) {
            $share = new Proportion($row->outside, $row->cases);
            $of[$row->reading][] = \sprintf(
                'grade %d: %d of %d outside (%d to %d %%)', $row->grade, $row->outside, $row->cases, round(100 * $share->low()),
                round(100 * $share->high()),
            );
        }
        $words = $this->words->words();
        $rows = [];
        foreach ($of as $reading => $grades) {
            [$part, $field] = explode('/', (string) $reading);
            $name = $words->name(WordKind::Part, $part).', '.lcfirst($words->name(WordKind::Reading, $field));
            $rows[] = new GradesOfReading($name, $grades);
        }

        return $rows;
    }
}
