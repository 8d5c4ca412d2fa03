<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\CarrierKind;
use Japhrex\Core\Family\Data;
use Japhrex\Core\Family\PartKind;
use Japhrex\Core\Family\SurfaceKind;
use Japhrex\Core\Quantity\BareNumber;

/** Makes mechanisms and their vocabulary of what their files hold. */
final class MechanismFactory
{
    /**
     * @return array<string, Mechanism>
     *
     * @throws BookError naming the place that cannot be read
     */
    public function mechanisms(Data $data): array
    {
        $mechanisms = [];
        foreach ($data->named('mechanisms') as $key => $one) {
            $by = array_map(
                static fn (string $kind): CarrierKind => CarrierKind::tryFrom($kind) ?? throw new BookError(
                    \sprintf('there is no carrier “%s”.', $kind),
                    "mechanisms/$key/by",
                ),
                $one->texts('by'),
            );
            $rules = array_merge(...array_map(
                fn (Data $rule): array => $this->rules($rule, "mechanisms/$key"),
                $one->maps('rules'),
            ));
            $mechanisms[$key] = new Mechanism(
                $key,
                $one->text('name'),
                $by,
                $one->text('tells'),
                $one->textOrNull('needs') ?? '',
                $one->textOrNull('source') ?? '',
                $rules,
                $one->flag('once-seen'),
                $one->flag('where-seen'),
            );
        }

        return $mechanisms;
    }

    public function vocabulary(Data $data): Vocabulary
    {
        $states = $origins = [];
        foreach ($data->named('states') as $key => $state) {
            $states[$key] = new StateWords(
                $state->text('name'),
                $state->text('told'),
                $state->textOrNull('spread') ?? 'unit',
            );
        }
        foreach ($data->named('origins') as $key => $origin) {
            $kind = OriginKind::tryFrom($origin->text('kind')) ?? throw new BookError(
                'there is no such kind of origin.',
                "origins/$key/kind",
            );
            $origins[$key] = new OriginWords(
                $origin->text('name'),
                $origin->text('told'),
                $origin->textOrNull('spread') ?? 'unit',
                $kind,
                $this->chance($origin->text('prior'), "origins/$key/prior"),
                array_map(
                    fn (Data $more): array => [
                        Where::of($more->text('on'), "origins/$key/more"),
                        $this->times($more->text('times'), "origins/$key/more"),
                    ],
                    $origin->maps('more'),
                ),
                $origin->texts('media'),
                $origin->flag('at-once'),
                $origin->flag('takes-time'),
                array_map(
                    static fn (string $kind): PartKind|SurfaceKind => PartKind::tryFrom($kind) ?? SurfaceKind::tryFrom($kind)
                        ?? throw new BookError("“{$kind}” is no kind of part or face.", "origins/$key/or-with"),
                    $origin->texts('or-with'),
                ),
            );
        }
        $numbers = fn (string $name): array => array_map(fn (string $value): float => $this->chance($value, $name), $data->words($name));

        return new Vocabulary(
            $states,
            $origins,
            $numbers('leaks'),
            $numbers('found'),
            $data->texts('of-part'),
            $data->texts('not-by-running'),
            $data->words('extra'),
            Weights::of($data),
            $this->told($data, 'history'),
            $this->told($data, 'fluid'),
            array_map(
                static fn (Data $one): RecordLevel => new RecordLevel(
                    (float) $one->text('least'),
                    $one->number('right', 0),
                    $one->number('of', 0),
                ),
                $data->maps('record'),
            ),
            $this->told($data, 'lies'),
            array_map(fn (Data $one): TriedWords => new TriedWords(
                $one->text('name'),
                new ToldWords($one->text('name').': nothing changed', $this->speaks($one, 'nothing')),
                new ToldWords($one->text('name').': better', $this->speaks($one, 'better')),
            ), $data->named('tried')),
        );
    }

    /** @return array<string, ToldWords> */
    private function told(Data $data, string $name): array
    {
        return array_map(fn (Data $one): ToldWords => new ToldWords(
            $one->text('name'),
            $this->speaks($one, 'speaks'),
            $one->texts('with'),
        ), $data->named($name));
    }

    /** @return list<array{string, float, float}> */
    private function speaks(Data $one, string $key): array
    {
        return array_map(fn (Data $speaks): array => [
            $speaks->text('of'),
            $this->chance($speaks->text('if-not'), $key),
            $this->chance($speaks->text('if-so'), $key),
        ], $one->maps($key));
    }

    /** @return list<Rule> one for each kind of damage that it brings about */
    private function rules(Data $data, string $at): array
    {
        return array_map(fn (Term $then): Rule => new Rule(
            Term::of($data->text('if'), $at),
            $then,
            Where::of($data->text('on'), $at),
            $this->chance($data->text('strength'), $at),
        ), Term::of($data->text('then'), $at)->each());
    }

    private function times(string $text, string $at): float
    {
        return null !== BareNumber::of($text) && (float) $text > 1
            ? (float) $text
            : throw new BookError(\sprintf('“%s” is no number above 1.', $text), $at);
    }

    private function chance(string $text, string $at): float
    {
        return is_numeric($text) && (float) $text > 0 && (float) $text < 1
            ? (float) $text
            : throw new BookError(\sprintf('“%s” is no chance between 0 and 1.', $text), $at);
    }
}
