<?php

declare(strict_types=1);

namespace Japhrex\Core\Family;

/** What lies ready before the first part comes off, besides the tools that the steps name. */
final readonly class BenchNeeds
{
    /**
     * @param string $place how the place is chosen
     * @param list<MadeTool> $made
     * @param list<string> $useUp what is used up
     */
    public function __construct(public string $place = '', public array $made = [], public array $useUp = [])
    {
    }

    /** @throws BookError naming the place */
    public static function of(Data $data): self
    {
        return new self(
            $data->textOrNull('place') ?? '',
            array_map(
                static fn (Data $one): MadeTool => new MadeTool($one->text('what'), $one->text('step'), $one->text('why')),
                $data->maps('made'),
            ),
            $data->texts('use-up'),
        );
    }
}
