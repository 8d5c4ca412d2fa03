<?php

declare(strict_types=1);

namespace App\Figures;

use App\Account\CurrentPerson;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Intake\Repository\CaseFileRepository;
use App\Measuring\Assessor;
use App\Measuring\Measured;
use App\Measuring\Reading;
use App\Measuring\Repository\ReadingRepository;
use Japhrex\Core\Figure\Result;
use Japhrex\Core\Measuring\OneMoreRun;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/**
 * Wear used against service, for a part with service hours or earlier cases under the same serial. A part that was
 * replaced last time began anew then.
 */
final readonly class WearTrends
{
    public function __construct(
        private CaseFileRepository $cases,
        private Assessor $assessor,
        private FigureDesk $desk,
        private Plots $plots,
        private CurrentPerson $person,
        private ReadingRepository $readings,
        private PartRecordRepository $records,
    ) {
    }

    /** Null without a reading, a size when new, a limit or the service of the part. */
    public function trendOf(CaseFile $case, Measured $now): ?WearTrend
    {
        $limits = $now->limits;
        $card = $this->desk->card('wear-projection');
        $size = $now->size();
        if (null === $size || null === $limits?->new || null === $card || $limits->newIsTheLimit($size->x)) {
            return null;
        }
        $before = $this->before($case, $now);
        $service = $this->service($case, [] !== $before && $before[0]['replaced']);
        $limit = $limits->limitFacing($size->x) ?? $limits->min;
        if (null === $service || null === $limit) {
            return null;
        }
        $dimension = $now->field->dimension;
        $unit = $limits->new->typedUnit;
        $say = static fn (float $si, Dimension $kind): string => rtrim(
            rtrim(number_format(Quantity::si($si, $kind)->in($unit), 7, '.', ''), '0'),
            '.',
        ).' '.$unit;
        $typed = [
            'new' => $say($limits->new->si, $dimension),
            'limit' => $say($limit->si, $dimension),
            'now' => $say($size->x, $dimension),
            'service' => $service->typed().' '.$service->typedUnit,
        ];
        $difference = $dimension->difference();
        if ($difference === $dimension) {
            $typed['u'] = $say($size->u, $difference);
        }
        $asked = $this->desk->ask($card, $typed);
        if (null === $asked->outcome) {
            return null;
        }
        $plot = $this->plot($asked, $service, $limits->wearUsed($size->x) ?? 0.0);
        $points = [];
        foreach (array_reverse($before) as $one) {
            if (!$one['replaced'] && null !== $one['service'] && $one['service']->dimension === $service->dimension) {
                $points[] = new TrendPoint(
                    $one['case'],
                    self::round($one['service']),
                    $this->person->units()->show($one['size'], $dimension),
                );
                $plot->dot(
                    'new',
                    $one['service']->in($this->plots->serviceUnit($service->dimension)),
                    100 * ($limits->wearUsed($one['size']) ?? 0.0),
                    $one['case'],
                );
            }
        }

        return new WearTrend(
            $asked,
            $points,
            [new Drawing('figures/_plot.svg.twig', ['plot' => $plot, 'laid' => $plot->laid()])],
            $this->sentence($asked, $this->lastRun($case, $service)),
        );
    }

    /** Wear used against service: what was worn so far, and the way to the limit with its band. */
    private function plot(Asked $asked, Quantity $service, float $used): Plot
    {
        $unit = $this->plots->serviceUnit($service->dimension);
        $run = $service->in($unit);
        $results = $asked->outcome?->results() ?? [];
        $left = array_map(
            static fn (Result $result): float => Quantity::si($result->si()[0], $service->dimension)->in($unit),
            array_intersect_key($results, ['left' => 1, 'left-low' => 1, 'left-high' => 1]),
        );
        $last = $run + min([] === $left ? $run : max($left), 4 * $run);
        $plot = (new Plot('service, '.$unit, 'wear used, %'))->line(
            'new',
            [[0.0, 0.0], [$run, 100 * $used]],
            'worn so far',
        )->line('limit', [[0.0, 100.0], [$last, 100.0]], 'limit');
        foreach (array_filter($left) as $name => $way) {
            $share = min(1.0, ($last - $run) / $way);
            $plot->line(
                'left' === $name ? 'found' : 'band',
                [[$run, 100 * $used], [$run + $way * $share, 100 * ($used + (1 - $used) * $share)]],
                'left' === $name ? 'at this rate' : ('left-low' === $name ? 'its band' : ''),
            );
        }

        return $plot->dot('found', $run, 100 * $used, 'now');
    }

    private static function round(Quantity $service): string
    {
        return round($service->typed()).' '.$service->typedUnit;
    }

    /**
     * @return list<array{case: string, service: Quantity|null, size: float, replaced: bool}> the same field in earlier cases, newest first
     */
    private function before(CaseFile $case, Measured $now): array
    {
        $before = [];
        foreach ($this->cases->earlier($case->serial, $case) as $one) {
            $reading = $this->readings->ofField($one, $now->part, $now->field->key);
            $size = null === $reading ? null : $this->assessor->size($now->field, $reading);
            $decision = $this->records->ofPart($one, $now->part)->disposition;
            $replaced = null !== $decision && !$decision->keepsThePart();
            if (null !== $size || $replaced) {
                $before[] = [
                    'case' => $one->number,
                    'service' => self::quantity($one->serviceSinceNew),
                    'size' => $size->x ?? 0.0,
                    'replaced' => $replaced,
                ];
            }
            if ($replaced) {
                break;
            }
        }

        return $before;
    }

    private function service(CaseFile $case, bool $replaced): ?Quantity
    {
        return self::quantity($replaced ? $case->serviceSinceRepair : $case->serviceSinceNew);
    }

    /** The run that is asked about: as long as the last one between two visits, or as long as all its service. */
    private function lastRun(CaseFile $case, Quantity $service): Quantity
    {
        return self::quantity($case->serviceSinceRepair) ?? $service;
    }

    private function sentence(Asked $asked, Quantity $run): string
    {
        $results = $asked->outcome?->results() ?? [];
        $left = static fn (string $name): ?Quantity => isset($results[$name])
            ? Quantity::si($results[$name]->si()[0], $results[$name]->dimension ?? Dimension::Time)
            : null;
        [$low, $middle, $high] = [$left('left-low'), $left('left'), $left('left-high')];
        if (null === $middle) {
            return 'No wear is to be seen yet that could be projected.';
        }
        $unit = $run->typedUnit;
        $say = static fn (Quantity $quantity): string => number_format(self::twoDigits($quantity->in($unit)), 0, '.', ' ').' '.$unit;
        if ($middle->si <= 0.0) {
            return 'The limit is reached: no more run.';
        }
        $band = null === $low ? '' : ' ('.$say($low).(null === $high ? ' or more' : ' to '.$say($high)).')';

        return 'At this rate the limit is reached after another '.$say($middle).$band.'. A run like the last took '.$say($run).': '
            .OneMoreRun::of($run->si, $middle->si, $low?->si)->words().'.';
    }

    private static function twoDigits(float $value): float
    {
        return $value <= 0 ? 0.0 : round($value, 1 - (int) floor(log10($value)));
    }

    private static function quantity(string $typed): ?Quantity
    {
        if ('' === trim($typed)) {
            return null;
        }
        foreach ([Dimension::Time, Dimension::Distance] as $dimension) {
            try {
                return Quantity::parse($typed, $dimension);
            } catch (QuantityError) {
                continue;
            }
        }

        return null;
    }
}
