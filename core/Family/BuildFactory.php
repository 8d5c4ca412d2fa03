<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** Reads what a book says of putting together: how parts go in, what is set, what is signed for itself, what can stand wrong. */
final readonly class BuildFactory
{
    /**
     * @return list<BuildSetting>
     *
     * @throws BookError naming the place
     */
    public function settings(Data $data): array
    {
        return array_map(static fn (int $i, Data $one): BuildSetting => new BuildSetting(
            $one->textOrNull('key') ?? (string) $i,
            $one->text('what'),
            $one->text('value'),
            $one->textOrNull('how') ?? '',
            $one->flag('sample'),
            $one->textOrNull('after') ?? '',
            $one->textOrNull('reads') ?? '',
            $one->flag('two'),
            $one->flag('tab'),
            $one->textOrNull('before') ?? '',
            $one->flag('tightened'),
            $one->has('threads')
                ? Threads::tryFrom($one->text('threads')) ?? $one->fail('expected dry, oiled or sealant.', 'threads')
                : null,
            $one->flag('still'),
            $one->texts('again'),
            $one->textOrNull('fastens') ?? '',
            $one->textOrNull('stage') ?? '',
            $one->textOrNull('figure') ?? '',
            Variant::of($one),
        ), array_keys($data->maps('settings')), $data->maps('settings'));
    }

    /**
     * @return list<FitCare>
     *
     * @throws BookError naming the place
     */
    public function fits(Data $data): array
    {
        $fits = [];
        foreach ($data->maps('fits') as $one) {
            $key = $one->textOrNull('key') ?? $one->text('step');
            isset($fits[$key]) && $one->fail(\sprintf('"%s" goes in twice.', $key), 'step');
            $lubricants = [];
            foreach (Lubricant::cases() as $kind) {
                if ($one->has($kind->value)) {
                    $lubricants[$kind->value] = $one->text($kind->value);
                }
            }
            $fits[$key] = new FitCare(
                $one->text('step'),
                $key,
                $one->text('title'),
                $lubricants,
                $one->text('dry'),
                $one->textOrNull('sealant') ?? '',
                $one->textOrNull('guard') ?? '',
                $one->textOrNull('caution') ?? '',
                $one->texts('parts'),
                $one->textOrNull('turn') ?? '',
                $one->textOrNull('stage') ?? '',
                $one->texts('counts'),
                $one->textOrNull('figure') ?? '',
            );
        }

        return array_values($fits);
    }

    /**
     * @return list<BuildAct>
     *
     * @throws BookError naming the place
     */
    public function acts(Data $data): array
    {
        return array_map(static fn (Data $one): BuildAct => new BuildAct(
            $one->text('key'),
            ActKind::tryFrom($one->text('kind')) ?? $one->fail(
                'expected '.implode(', ', array_map(static fn (ActKind $kind): string => $kind->value, ActKind::cases())).'.',
                'kind',
            ),
            $one->text('what'),
            $one->textOrNull('how') ?? '',
            $one->text('left-out'),
            $one->textOrNull('after') ?? '',
            $one->textOrNull('before') ?? '',
            $one->textOrNull('caution') ?? '',
            $one->flag('two'),
            array_map(
                static fn (Data $row): Laid => new Laid(
                    $row->text('place'),
                    $row->text('what'),
                    $row->textOrNull('told') ?? '',
                    Variant::of($row),
                ),
                $one->maps('laid'),
            ),
            $one->textOrNull('stage') ?? '',
            $one->textOrNull('figure') ?? '',
            Variant::of($one),
        ), $data->maps('acts'));
    }

    /**
     * @return list<FacingSet>
     *
     * @throws BookError naming the place
     */
    public function sets(Data $data): array
    {
        return array_map(static fn (Data $one): FacingSet => new FacingSet(
            $one->text('key'),
            $one->text('what'),
            $one->texts('parts'),
            array_map(static fn (Data $way): Position => new Position(
                $way->text('stands'),
                $way->text('gives'),
                PositionIs::tryFrom($way->text('is')) ?? $way->fail('expected right, other or wrong.', 'is'),
            ), $one->maps('positions')),
            $one->textOrNull('after') ?? '',
            $one->textOrNull('see') ?? '',
            $one->textOrNull('stage') ?? '',
            Variant::of($one),
        ), $data->maps('sets'));
    }

    /**
     * @return array<string, Fasteners>
     *
     * @throws BookError naming the place
     */
    public function fasteners(Data $data): array
    {
        $fasteners = [];
        foreach ($data->named('fasteners') as $key => $one) {
            $fasteners[$key] = new Fasteners(
                $key,
                $one->text('what'),
                $one->text('thread'),
                $one->text('grade'),
                $one->text('step'),
                array_map(
                    static fn (Data $place): FastenerPlace => new FastenerPlace(
                        $place->text('at'),
                        $place->text('length'),
                        $place->number('count', 1),
                    ),
                    $one->maps('places'),
                ),
                $one->textOrNull('part') ?? '',
                $one->flag('once'),
                $one->textOrNull('risk') ?? '',
                $one->textOrNull('holes') ?? '',
            );
        }

        return $fasteners;
    }
}
