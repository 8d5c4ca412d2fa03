<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

use Japhrex\Core\Family\Identity\Identity;
use Japhrex\Core\Family\Identity\IdentityFactory;

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
        $factory = new PartFactory($data->named('parts'));
        foreach ($data->named('parts') as $key => $part) {
            $parts[$key] = $factory->part($key, $part);
        }
        foreach ($data->named('neighbours') as $key => $part) {
            isset($parts[$key]) && $part->fail('is a part of the unit already: give its neighbour another key.', '');
            $parts[$key] = $factory->part($key, $part, true);
        }
        $strip = [];
        foreach ($data->maps('strip') as $step) {
            $strip[$step->text('key')] = $this->step($step);
        }
        $complaints = [];
        foreach ($data->named('complaints') as $key => $complaint) {
            $complaints[$key] = new Complaint(
                $key,
                $complaint->text('name'),
                $complaint->textOrNull('ask') ?? '',
                $complaint->texts('parts'),
            );
        }

        return new Book(
            $data->text('book'),
            $data->text('title'),
            $data->textOrNull('about') ?? '',
            array_map(Model::of(...), $data->maps('models')),
            $data->texts('cautions'),
            $parts,
            array_map(
                static fn (Data $p): Pair => self::pair($p, $parts),
                $data->maps('pairs'),
            ),
            array_map($this->carrier(...), $data->maps('carriers')),
            $strip,
            $complaints,
            array_map($this->pattern(...), $data->maps('patterns')),
            $this->duties($data),
            $data->has('leaks') ? $this->leaks($data->map('leaks')) : null,
            $this->watch($data),
            $data->texts('sisters'),
            array_map(
                static fn (Data $one): Content => new Content($one->text('part'), $one->text('what'), $one->words('should')),
                $data->maps('contents'),
            ),
            (new UpkeepFactory())->upkeep($data),
            (array) ($content['mechanisms'] ?? []),
            self::medium($data->textOrNull('medium') ?? Book::OIL),
            array_map(static fn (Data $one): string => $one->text('why'), $data->named('without')),
            $data->has('identity') ? (new IdentityFactory())->identity($data->map('identity')) : new Identity(),
            BenchNeeds::of($data->map('bench')),
            array_map(Background::of(...), $data->maps('background')),
            Shapes::of($data->map('drawing'), $parts),
        );
    }

    /** What a book that runs dry has in it: nothing. */
    private static function medium(string $told): string
    {
        return 'nothing' === $told ? '' : $told;
    }

    /** @return array<string, Duty> */
    private function duties(Data $data): array
    {
        $duties = [];
        foreach ($data->words('duties') as $key => $name) {
            $duties[$key] = new Duty($key, $name);
        }

        return $duties;
    }

    /** @return array<string, Watch> */
    private function watch(Data $data): array
    {
        $watch = [];
        foreach ($data->named('watch') as $key => $one) {
            $watch[$key] = new Watch(
                $key,
                $one->text('place'),
                $one->text('what'),
                $one->text('tell'),
                $one->texts('shared'),
                $one->textOrNull('mode'),
            );
        }

        return $watch;
    }

    private function leaks(Data $data): LeakModel
    {
        return new LeakModel(
            $data->words('facts'),
            array_map(static fn (Data $route): LeakRoute => new LeakRoute(
                $route->text('name'),
                $route->text('path'),
                $route->text('new'),
                $route->text('found'),
                $route->number('faces', 1),
                Lies::tryFrom($route->textOrNull('lies') ?? 'centred') ?? $route->fail('expected centred, one-side or unknown.', 'lies'),
                $route->flag('series'),
            ), $data->maps('routes')),
            $data->texts('explains'),
            $data->texts('beside'),
        );
    }

    private function carrier(Data $data): Carrier
    {
        return new Carrier(
            CarrierKind::tryFrom($data->text('kind')) ?? $data->fail('expected oil, touch, drive, seal, hold, heat or wire.', 'kind'),
            $data->text('from'),
            $data->text('to'),
            $data->textOrNull('note') ?? '',
            $data->textOrNull('filter') ?? '',
            $data->textOrNull('bypass') ?? '',
            $data->textOrNull('keeps-out') ?? '',
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
            $data->texts('adjusters'),
            $data->number('minutes', 0),
            $data->texts('falls'),
            $data->textOrNull('opens') ?? '',
            $data->flag('two'),
            $data->textOrNull('look-at') ?? $data->texts('removes')[0] ?? '',
            array_map(Lift::of(...), $data->maps('lifts')),
            Variant::of($data),
            $data->textOrNull('hold') ?? '',
            $data->textOrNull('burrs') ?? '',
            $data->texts('press'),
            $data->textOrNull('stop') ?? '',
        );
    }

    private function pattern(Data $data): Pattern
    {
        $steps = $data->texts('steps');

        return [] === $steps
            ? $data->fail('expected the steps from origin to complaint.', 'steps')
            : new Pattern($steps, $data->textOrNull('tell') ?? '');
    }

    /**
     * @param array<string, Part> $parts
     *
     * @throws BookError if parts are said to be alike in what is read of neither, or by what is no such size
     */
    private static function pair(Data $data, array $parts): Pair
    {
        $alike = [];
        $most = $data->map('alike');
        foreach ($most->keys() as $field) {
            foreach ($data->texts('parts') as $part) {
                $known = $parts[$part]->fields[$field] ?? $most->fail(\sprintf('%s has no such reading.', $part), $field);
                $alike[$field] = $most->quantity($field, $known->dimension->difference());
            }
        }

        return new Pair($data->texts('parts'), $data->text('why'), $data->textOrNull('number') ?? '', array_filter($alike));
    }
}
