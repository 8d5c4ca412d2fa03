<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** Answers that go over many cases are worked out anew every quarter of an hour: a few cases more hardly move them. */
final readonly class KeptForAWhile
{
    /** @param int $seconds 0: nothing is kept */
    public function __construct(private CacheInterface $cache, #[Autowire('%app.answers_kept%')] private int $seconds)
    {
    }

    /**
     * @template T
     *
     * @param list<mixed> $asked all that the answer hangs on beside the cases that it goes over
     * @param \Closure(): T $make values alone, nothing of the entity manager
     *
     * @return T
     */
    public function of(array $asked, \Closure $make): mixed
    {
        return 0 === $this->seconds ? $make() : $this->cache->get(
            'while.'.hash('sha256', serialize($asked)),
            function (ItemInterface $item) use ($make): mixed {
                $item->expiresAfter($this->seconds);

                return $make();
            },
        );
    }
}
