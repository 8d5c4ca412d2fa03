<?php

declare(strict_types=1);

namespace App\Shop\Update;

use Symfony\Component\Console\Event\ConsoleCommandEvent;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/** A step down takes away columns and tables, and what stands in them: it is done by whoever says so, never by a slip. */
#[AsEventListener]
final readonly class NoStepDown
{
    /** Where `doctrine:migrations:migrate` only goes up. */
    private const UP = ['', 'latest', 'next'];

    public function __construct(#[Autowire('%env(default:app.no_address:JAPHREX_STEP_DOWN)%')] private string $said)
    {
    }

    public function __invoke(ConsoleCommandEvent $event): void
    {
        $input = $event->getInput();
        $down = match ($event->getCommand()?->getName()) {
            'doctrine:migrations:migrate' => !\in_array(self::version($input), self::UP, true),
            'doctrine:migrations:execute' => $input->hasParameterOption('--down'),
            default => false,
        };
        if ($down && 'yes' !== $this->said) {
            $event->disableCommand();
            $event->getOutput()->writeln(
                '<error>A step down drops what stands in the columns and tables that it takes away. Make a backup, then say so: '
                    .'JAPHREX_STEP_DOWN=yes.</error>',
            );
        }
    }

    /** The second word, which the command itself has not read yet. */
    private static function version(InputInterface $input): string
    {
        $words = preg_split('/\s+/', (string) $input) ?: [];
        $words = array_values(array_filter($words, static fn (string $word): bool => '' !== $word && !str_starts_with($word, '-')));

        return trim($words[1] ?? '', "'\"");
    }
}
