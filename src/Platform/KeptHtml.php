<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** Pieces of pages that are the same for many cases: written once, until what they hang on or the program changes. */
final readonly class KeptHtml
{
    /** Seconds. */
    private const KEPT = 604800;

    /** @param bool $changes whether the program may change under us, so that nothing is kept */
    public function __construct(
        private CacheInterface $cache,
        private string $buildFolder,
        #[Autowire('%kernel.debug%')] private bool $changes,
    ) {
    }

    /**
     * @template T of string|list<string>
     *
     * @param string $name of the piece
     * @param list<mixed> $of what it hangs on beside its template: values alone, nothing of the entity manager
     * @param \Closure(): T $write
     *
     * @return T
     */
    public function piece(string $name, array $of, \Closure $write): string|array
    {
        if ($this->changes) {
            return $write();
        }
        $key = 'html.'.hash('xxh128', serialize([$name, filemtime($this->buildFolder), $of]));

        return $this->cache->get($key, static function (ItemInterface $item) use ($write): string|array {
            $item->expiresAfter(self::KEPT);

            return $write();
        });
    }
}
