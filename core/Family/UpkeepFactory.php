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
            $kits[$key] = new Kit($key, $kit->text('name'), $kit->texts('parts'), $kit->texts('without'));
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

        return new Upkeep(
            $kits,
            $hours,
            $choices,
            array_map($this->setting(...), $data->maps('settings')),
            array_map($this->proofStep(...), $data->maps('proof')),
            $this->fits($data),
            array_merge(...array_map(
                static fn (Data $one): array => [$one->text('origin') => $one->text('do')],
                $data->maps('outside'),
            )),
        );
    }

    /** @return array<string, FitCare> by strip step */
    private function fits(Data $data): array
    {
        $fits = [];
        foreach ($data->maps('fits') as $one) {
            $step = $one->text('step');
            isset($fits[$step]) && $one->fail(\sprintf('"%s" goes in twice.', $step), 'step');
            $lubricants = [];
            foreach (Lubricant::cases() as $kind) {
                if ($one->has($kind->value)) {
                    $lubricants[$kind->value] = $one->text($kind->value);
                }
            }
            $fits[$step] = new FitCare(
                $step,
                $one->text('title'),
                $lubricants,
                $one->text('dry'),
                $one->textOrNull('sealant') ?? '',
                $one->textOrNull('guard') ?? '',
                $one->textOrNull('caution') ?? '',
            );
        }

        return $fits;
    }

    private function setting(Data $data): BuildSetting
    {
        return new BuildSetting(
            $data->text('what'),
            $data->text('value'),
            $data->textOrNull('how') ?? '',
            $data->flag('sample'),
            $data->textOrNull('after') ?? '',
            $data->textOrNull('reads') ?? '',
            $data->flag('two'),
            $data->flag('tab'),
            $data->textOrNull('before') ?? '',
            $data->flag('tightened'),
            $data->has('threads')
                ? Threads::tryFrom($data->text('threads')) ?? $data->fail('expected dry, oiled or sealant.', 'threads')
                : null,
            $data->flag('still'),
        );
    }

    private function proofStep(Data $data): ProofStep
    {
        return new ProofStep(
            $data->text('step'),
            $data->text('expect'),
            $data->textOrNull('caution') ?? '',
            array_map($this->proofRead(...), $data->maps('reads')),
            $data->has('phase')
                ? ProofPhase::tryFrom($data->text('phase'))
                    ?? $data->fail('expected fill, hand, direction, low, load, hot or rest.', 'phase')
                : null,
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
        );
    }
}
