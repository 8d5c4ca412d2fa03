<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Quantity\BareNumber;

/** Reads what a book says of putting together, proving and buying. */
final readonly class UpkeepFactory
{
    /** @throws BookError naming the place */
    public function upkeep(Data $data): Upkeep
    {
        $kits = $choices = $hours = [];
        foreach ($data->named('kits') as $key => $kit) {
            $kits[$key] = new Kit(
                $key,
                $kit->text('name'),
                $kit->texts('parts'),
                $kit->texts('without'),
                $kit->counts('pieces'),
                $kit->texts('for-others'),
            );
        }
        foreach ($data->named('choices') as $key => $choice) {
            $sides = array_map(
                static fn (Data $side): SchoolSide => new SchoolSide($side->text('name'), $side->text('reason')),
                $choice->named('sides'),
            );
            $choices[$key] = new SchoolChoice($key, $choice->text('question'), $sides);
        }
        foreach ($data->words('hours') as $work => $time) {
            $hours[$work] = null !== BareNumber::of($time) && (float) $time > 0
                ? (float) $time
                : $data->fail('expected hours above 0, such as 1.5.', 'hours/'.$work);
        }

        $build = new BuildFactory();

        return new Upkeep(
            $kits,
            $hours,
            $choices,
            $build->settings($data),
            array_map($this->proofStep(...), array_keys($data->maps('proof')), $data->maps('proof')),
            $build->fits($data),
            array_merge(...array_map(
                static fn (Data $one): array => [$one->text('origin') => $one->text('do')],
                $data->maps('outside'),
            )),
            $build->acts($data),
            $build->sets($data),
            $build->fasteners($data),
            $this->selective($data),
            $data->has('handover') ? $this->advice($data->map('handover')) : null,
            $data->has('safety') ? $this->safety($data->map('safety')) : null,
        );
    }

    /** @return array<string, Selective> */
    private function selective(Data $data): array
    {
        $selective = [];
        foreach ($data->named('selective') as $key => $one) {
            $selective[$key] = new Selective(
                $key,
                $one->text('what'),
                $one->text('part'),
                $one->texts('sizes'),
                $one->textOrNull('setting') ?? '',
            );
        }

        return $selective;
    }

    private function advice(Data $data): UserAdvice
    {
        return new UserAdvice(
            $data->texts('works'),
            $data->texts('machine'),
            $data->texts('hours'),
            $data->texts('look'),
            $data->texts('stop'),
        );
    }

    private function safety(Data $data): OpeningSafety
    {
        return new OpeningSafety(
            $data->text('isolate'),
            $data->text('drain'),
            $data->text('empty'),
            $data->text('pinch'),
            $data->textOrNull('weight') ?? '',
            $data->text('hangs'),
        );
    }

    private function proofStep(int $i, Data $data): ProofStep
    {
        return new ProofStep(
            $data->textOrNull('key') ?? (string) $i,
            $data->text('step'),
            $data->text('expect'),
            $data->textOrNull('caution') ?? '',
            array_map($this->proofRead(...), $data->maps('reads')),
            $data->has('phase')
                ? ProofPhase::tryFrom($data->text('phase'))
                    ?? $data->fail('expected fill, hand, direction, coupled, low, load, hot or rest.', 'phase')
                : null,
            $data->textOrNull('proves') ?? '',
            $data->texts('miss'),
            $data->textOrNull('stops') ?? '',
            $data->flag('guard'),
            $data->textOrNull('stage') ?? '',
        );
    }

    private function proofRead(Data $data): ProofRead
    {
        return new ProofRead(
            $data->text('what'),
            $data->textOrNull('channel') ?? '',
            $data->textOrNull('least') ?? '',
            $data->textOrNull('most') ?? '',
            $data->flag('of-displacement'),
            $data->has('curve') ? $data->words('curve') : [],
            $data->flag('sample'),
            $data->words('at'),
        );
    }
}
