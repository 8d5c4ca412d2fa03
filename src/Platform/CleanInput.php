<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** Takes out of what was typed what no text can hold: NUL bytes and broken UTF-8. */
#[AsEventListener(priority: 250)]
final readonly class CleanInput
{
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        foreach ([$request->request, $request->query] as $bag) {
            $given = $bag->all();
            $clean = self::clean($given);
            if (\is_array($clean) && $clean !== $given) {
                $bag->replace($clean);
            }
        }
    }

    private static function clean(mixed $value): mixed
    {
        return match (true) {
            \is_array($value) => array_map(self::clean(...), $value),
            \is_string($value) => str_replace("\0", '', mb_scrub($value)),
            default => $value,
        };
    }
}
