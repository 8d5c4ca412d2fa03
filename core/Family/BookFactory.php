<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Quantity\Dimension;

/** Makes a book of what its file holds. */
final readonly class BookFactory
{
    /**
     * @param array<mixed> $content of the book's file
     *
     * @throws BookError naming the place that cannot be read
     */
    public function book(array $content): Book
    {
        $data = new Data($content);
        $parts = [];
        foreach ($data->named('parts') as $key => $part) {
            $parts[$key] = $this->part($key, $part);
        }
        $strip = [];
        foreach ($data->maps('strip') as $step) {
            $strip[$step->text('key')] = $this->step($step);
        }
        $complaints = [];
        foreach ($data->named('complaints') as $key => $complaint) {
            $complaints[$key] = new Complaint($key, $complaint->text('name'), $complaint->textOrNull('ask') ?? '');
        }

        return new Book(
            $data->text('book'),
            $data->text('title'),
            $data->textOrNull('about') ?? '',
            array_map(static fn (Data $m): Model => new Model($m->text('maker'), $m->text('model'), $m->words('facts')), $data->maps('models')),
            $data->texts('cautions'),
            $parts,
            array_map(static fn (Data $p): Pair => new Pair($p->texts('parts'), $p->text('why'), $p->textOrNull('number') ?? ''), $data->maps('pairs')),
            array_map($this->carrier(...), $data->maps('carriers')),
            $strip,
            $complaints,
            array_map($this->pattern(...), $data->maps('patterns')),
        );
    }

    private function part(string $key, Data $data): Part
    {
        $surfaces = [];
        foreach ($data->named('surfaces') as $name => $surface) {
            $surfaces[$name] = new Surface($name, $surface->text('name'), $surface->textOrNull('normal') ?? '', $surface->textOrNull('damage') ?? '');
        }
        $fields = [];
        foreach ($data->named('readings') as $name => $field) {
            $fields[$name] = $this->field($name, $field);
        }
        $facing = $data->has('facing') ? new Data($data->words('facing')) : null;

        return new Part(
            $key,
            $data->text('name'),
            $data->textOrNull('short') ?? $data->text('name'),
            $data->texts('also'),
            $data->textOrNull('material') ?? '',
            $data->number('count', 1),
            Reuse::tryFrom($data->textOrNull('reuse') ?? 'inspect') ?? $data->fail('expected inspect, never or policy.', 'reuse'),
            $data->textOrNull('reuse-why') ?? '',
            null === $facing ? null : new Facing($facing->text('right'), $facing->text('wrong')),
            $surfaces,
            $fields,
            $data->texts('senses'),
            $data->textOrNull('look') ?? '',
        );
    }

    private function field(string $key, Data $data): Field
    {
        $dimension = Dimension::tryFrom($data->textOrNull('dimension') ?? Dimension::Length->value) ?? $data->fail('expected a dimension such as length or pressure.', 'dimension');
        $new = $data->quantity('new', $dimension);
        $min = $data->quantity('min', $dimension);
        $max = $data->quantity('max', $dimension);
        try {
            $limits = null === $min && null === $max ? null : new Limits($new, $min, $max);
        } catch (\DomainException $error) {
            $data->fail($error->getMessage());
        }

        return new Field(
            $key,
            $data->text('name'),
            $dimension,
            Method::tryFrom($data->textOrNull('method') ?? 'reading') ?? $data->fail('expected reading or bracket.', 'method'),
            $limits,
            $data->textOrNull('no-limit') ?? '',
            $data->textOrNull('source') ?? '',
            $data->flag('sample'),
            $data->texts('places'),
            $data->textOrNull('gauge') ?? '',
            $data->textOrNull('how') ?? '',
        );
    }

    private function carrier(Data $data): Carrier
    {
        return new Carrier(
            CarrierKind::tryFrom($data->text('kind')) ?? $data->fail('expected oil, touch, drive, seal, hold, heat or wire.', 'kind'),
            $data->text('from'),
            $data->text('to'),
            $data->textOrNull('note') ?? '',
        );
    }

    private function step(Data $data): StripStep
    {
        return new StripStep(
            $data->text('key'),
            $data->text('title'),
            $data->texts('needs'),
            $data->texts('removes'),
            $data->textOrNull('tool') ?? '',
            $data->textOrNull('caution') ?? '',
            $data->texts('look'),
            $data->textOrNull('mark') ?? '',
            $data->texts('hides'),
            $data->texts('stuck'),
            $data->texts('facing'),
            array_map(static fn (Data $c): Count => new Count($c->text('what'), $c->number('count', 1)), $data->maps('counts')),
            $data->flag('fasteners'),
            $data->texts('photos'),
        );
    }

    private function pattern(Data $data): Pattern
    {
        $steps = $data->texts('steps');

        return [] === $steps ? $data->fail('expected the steps from origin to complaint.', 'steps') : new Pattern($steps, $data->textOrNull('tell') ?? '');
    }
}
