<?php

declare(strict_types=1);

namespace App\Intake\Kept;

use App\Intake\CaseFile;
use App\Intake\Repository\CaseChangeRepository;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\Events;
use Psr\Cache\CacheItemPoolInterface;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Contracts\Service\ResetInterface;

/**
 * What follows from a case and from the shop alone is worked out once and kept until one of them changes (decision 0050). What a case
 * was at is read before anything else of it: what is worked out from something newer is then kept under what is older, where nobody asks
 * for it any more. A request that may write keeps nothing and takes nothing from here: what was refused may still stand in its things.
 */
#[AsDoctrineListener(event: Events::postFlush)]
final class KeptOfCase implements ResetInterface
{
    /** Seconds. */
    private const KEPT = 604800;

    /** @var array<string, string> what each case was at, by its number */
    private array $states = [];

    private bool $hasWritten = false;

    public function __construct(
        private readonly CaseChangeRepository $changes,
        private readonly CacheItemPoolInterface $pool,
        private readonly RequestStack $requests,
    ) {
    }

    /** To be called before the case is read. Days begin and offers end by the clock, so that nothing is kept longer than its hour. */
    public function begin(string $number): void
    {
        $number = strtoupper($number);
        $isPage = $this->requests->getMainRequest()?->isMethodSafe() ?? false;
        if ($isPage && !$this->hasWritten) {
            $this->states[$number] ??= $this->changes->stateOf($number).now()->format(' Y-m-d H');
        }
    }

    /**
     * @template T
     *
     * @param string $what under which it is kept, beside the case
     * @param \Closure(): T $make values alone, nothing of the entity manager
     *
     * @return T
     */
    public function of(CaseFile $case, string $what, \Closure $make): mixed
    {
        $state = $this->states[$case->number] ?? '';
        if ('' === $state || $this->hasWritten) {
            return $make();
        }
        $item = $this->pool->getItem('case.'.$case->id.'.'.$what);
        $kept = $item->get();
        if (\is_array($kept) && $state === ($kept['state'] ?? '')) {
            /** @var T */
            return $kept['made'];
        }
        $made = $make();
        $this->pool->save($item->set(['state' => $state, 'made' => $made])->expiresAfter(self::KEPT));

        return $made;
    }

    public function postFlush(): void
    {
        $this->hasWritten = true;
    }

    public function reset(): void
    {
        [$this->states, $this->hasWritten] = [[], false];
    }
}
