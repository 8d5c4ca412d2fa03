<?php

declare(strict_types=1);

namespace Japhrex\Core\Damage;

use Japhrex\Core\Family\Data;

/** All damage modes, by key. */
final readonly class ModeCatalogue
{
    /** @param array<string, Mode> $modes */
    public function __construct(public array $modes)
    {
    }

    /**
     * @param array<mixed> $content of the file of modes
     *
     * @throws \Japhrex\Core\Family\BookError naming the place that cannot be read
     */
    public static function of(array $content): self
    {
        $modes = [];
        foreach ((new Data($content))->named('modes') as $key => $data) {
            $grades = [];
            foreach ($data->words('grades') as $grade => $words) {
                $grades[(int) $grade] = $words;
            }
            if ([0, 1, 2, 3, 4] !== array_keys($grades)) {
                $data->fail('expected an anchor in words for each of the grades 0, 1, 2, 3 and 4.', 'grades');
            }
            $modes[$key] = new Mode(
                $key,
                $data->text('name'),
                $data->text('what'),
                $grades,
                $data->words('look-alikes'),
                $data->textOrNull('speaks-for') ?? '',
                $data->text('told'),
                FoundBy::tryFrom($data->textOrNull('found-by') ?? 'eye')
                    ?? $data->fail('expected eye, glass, dye, gauge or hand.', 'found-by'),
                $data->texts('also'),
            );
        }

        return new self($modes);
    }

    public function get(?string $key): ?Mode
    {
        return null === $key ? null : $this->modes[$key] ?? null;
    }
}
