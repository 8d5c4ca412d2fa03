<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Figure\Fill\Fill;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\MeasuringError;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** Makes the parts of a book, with their faces, readings and limits. */
final readonly class PartFactory
{
    /** @var array<string, list<string>> reading (`part/field`) => readings whose limit it gives */
    private array $givesTo;

    /** @param array<string, Data> $parts of the book: a limit may be that of a partner */
    public function __construct(private array $parts)
    {
        $gives = [];
        foreach ($parts as $part => $data) {
            foreach ($data->named('readings') as $field => $reading) {
                $owner = $reading->textOrNull('limit-of') ?? '';
                if ('' !== $owner) {
                    $gives[$owner][] = $part.'/'.$field;
                }
            }
        }
        $this->givesTo = $gives;
    }

    public static function fill(Data $data): Fill
    {
        return new Fill($data->text('name'), $data->words('fill'), $data->textOrNull('result') ?? '');
    }

    /** @throws BookError naming the place that cannot be read */
    public function part(string $key, Data $data, bool $isNeighbour = false): Part
    {
        $surfaces = [];
        foreach ($data->named('surfaces') as $name => $surface) {
            $surfaces[$name] = new Surface(
                $name,
                $surface->text('name'),
                $surface->textOrNull('normal') ?? '',
                $surface->textOrNull('damage') ?? '',
                $surface->textOrNull('other-way') ?? '',
                $surface->has('kind')
                    ? SurfaceKind::tryFrom($surface->text('kind')) ?? $surface->fail(
                        'expected one of '.implode(', ', SurfaceKind::words()).'.',
                        'kind',
                    )
                    : null,
            );
        }
        $fields = [];
        foreach ($data->named('readings') as $name => $field) {
            $fields[$name] = $this->field($key, $name, $field);
        }

        return new Part(
            $key,
            $data->text('name'),
            $data->textOrNull('short') ?? $data->text('name'),
            $data->texts('also'),
            $data->textOrNull('material') ?? '',
            $data->number('count', 1),
            Reuse::tryFrom($data->textOrNull('reuse') ?? 'inspect') ?? $data->fail('expected inspect, never or policy.', 'reuse'),
            $data->textOrNull('reuse-why') ?? '',
            $data->has('facing') ? Facing::of(new Data($data->words('facing'))) : null,
            $surfaces,
            $fields,
            $data->texts('senses'),
            $data->textOrNull('look') ?? '',
            array_map(static fn (Data $use): FigureUse => new FigureUse($use->text('title'), self::fill($use)), $data->maps('figures')),
            array_map(
                static fn (string $one): Debris => Debris::tryFrom($one) ?? $data->fail(
                    'expected catches, sieve, magnet or low.',
                    'debris',
                ),
                $data->texts('debris'),
            ),
            Cleaning::tryFrom($data->textOrNull('cleaning') ?? Cleaning::TakeApart->value)
                ?? $data->fail('expected take-apart, keep-what-it-held or replace.', 'cleaning'),
            array_map(Acceptance::of(...), $data->maps('accepts')),
            array_map(
                static fn (string $one): PartKind => PartKind::tryFrom($one) ?? $data->fail(
                    \sprintf('“%s” is no kind of part; expected some of %s.', $one, implode(', ', PartKind::words())),
                    'kind',
                ),
                $data->texts('kind'),
            ),
            $isNeighbour,
            Variant::of($data),
        );
    }

    /** Where limits come from, and for which units they are where that is not all of them. */
    private static function source(Data $set): string
    {
        return implode('; ', array_filter([$set->textOrNull('source') ?? '', Variant::of($set)?->says()]));
    }

    private function field(string $part, string $key, Data $data): Field
    {
        $dimension = Dimension::tryFrom($data->textOrNull('dimension') ?? Dimension::Length->value) ?? $data->fail(
            'expected a dimension such as length or pressure.',
            'dimension',
        );
        $sets = [];
        $from = $this->ownerOf($data);
        foreach ([$from, ...$from->maps('limits')] as $i => $set) {
            $limits = $this->limits($set, $dimension, $from === $data ? null : $data->quantity('new', $dimension));
            if (null !== $limits) {
                $sets[] = new LimitSet(
                    $set->textOrNull('key') ?? (0 === $i ? 'book' : 'set-'.$i),
                    $limits,
                    $set === $from ? $set->textOrNull('source') ?? '' : self::source($set),
                    $set->flag('sample'),
                    $set->textOrNull('duty') ?? '',
                    $set === $from ? null : Variant::of($set),
                );
            }
        }
        $form = $data->textOrNull('form');
        $kind = $data->textOrNull('places-are');
        $measures = $data->textOrNull('measures');

        return new Field(
            $key,
            $data->text('name'),
            $dimension,
            Method::tryFrom($data->textOrNull('method') ?? 'reading') ?? $data->fail('expected reading or bracket.', 'method'),
            $sets,
            $data->textOrNull('no-limit') ?? '',
            $data->texts('places'),
            $data->textOrNull('gauge') ?? '',
            $data->textOrNull('how') ?? '',
            $data->has('figure') ? self::fill($data->map('figure')) : null,
            null === $form ? null : FormKind::tryFrom($form) ?? $data->fail('expected section, along or face.', 'form'),
            $data->quantity('form-length', Dimension::Length),
            $data->flag('adjuster'),
            $data->has('rebuild') ? $this->limits($data->map('rebuild'), $dimension) : null,
            null === $kind
                ? null
                : PlaceKind::tryFrom($kind) ?? $data->fail(
                    'expected repeats (the same spot again) or positions (each a size of its own).',
                    'places-are',
                ),
            $data->quantity('form-max', $dimension->difference()),
            $data->flag('hard-stop'),
            $this->partners($part.'/'.$key, $data),
            $data->has('taken') ? self::taken($data->map('taken')) : null,
            null === $measures ? null : Measures::tryFrom($measures) ?? $data->fail(
                'expected one of '.implode(', ', array_column(Measures::cases(), 'value')).'; a size that wears says nothing.',
                'measures',
            ),
        );
    }

    private static function taken(Data $data): Taken
    {
        foreach (TakenAs::cases() as $as) {
            if ($data->has($as->value)) {
                return new Taken($as, $data->text($as->value));
            }
        }
        $data->fail('expected one of '.implode(', ', array_column(TakenAs::cases(), 'value')).', with a surface of the part.');
    }

    /** @return Data the reading that gives the limit: itself, or that of a partner */
    private function ownerOf(Data $data): Data
    {
        $owner = $data->textOrNull('limit-of') ?? '';
        if ('' === $owner) {
            return $data;
        }
        foreach (['min', 'max', 'limits', 'source', 'sample'] as $own) {
            $data->has($own) && $data->fail('takes the limit of its partner, and has one of its own.', $own);
        }
        [$part, $field] = explode('/', $owner, 2) + [1 => ''];
        $from = isset($this->parts[$part]) ? $this->parts[$part]->named('readings')[$field] ?? null : null;

        return null === $from || $from->has('limit-of')
            ? $data->fail(\sprintf('there is no reading "%s" with a limit of its own.', $owner), 'limit-of')
            : $from;
    }

    /** @return list<string> other readings for which its limit holds */
    private function partners(string $reference, Data $data): array
    {
        $owner = $data->textOrNull('limit-of') ?? $reference;

        return array_values(array_diff([$owner, ...$this->givesTo[$owner] ?? []], [$reference]));
    }

    /** @param Quantity|null $own size when new of the part itself, where the limit is that of a partner */
    private function limits(Data $data, Dimension $dimension, ?Quantity $own = null): ?Limits
    {
        $new = $own ?? $data->quantity('new', $dimension);
        $min = $data->quantity('min', $dimension);
        $max = $data->quantity('max', $dimension);
        try {
            return null === $min && null === $max ? null : new Limits($new, $min, $max);
        } catch (MeasuringError $error) {
            $data->fail($error->getMessage());
        }
    }
}
