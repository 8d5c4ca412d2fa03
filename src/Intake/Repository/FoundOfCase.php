<?php

declare(strict_types=1);

namespace App\Intake\Repository;

use App\Intake\CaseFile;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\Events;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Contracts\Service\ResetInterface;

/**
 * What is kept of a case is asked of the database once a request: every part of a page asks for it. Whatever is written, and the
 * next request, asks anew.
 */
#[AsDoctrineListener(event: Events::postFlush)]
#[AsDoctrineListener(event: Events::onClear)]
final class FoundOfCase implements ResetInterface
{
    /** So many kinds of thing are asked for one by one where something is written; a page reads the whole case. */
    private const ONE_BY_ONE = 2;

    /** @var array<string, array<string, list<object>>> by case and class */
    private array $found = [];

    /** @var array<string, array<class-string, list<string>>> rows of cases that were read whole, by case and class */
    private array $read = [];

    /** @var array<string, mixed> by what it is and case */
    private array $madeOf = [];

    public function __construct(private readonly WholeCase $whole, private readonly RequestStack $requests)
    {
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class in the order in which they were made
     * @param \Closure(): list<T> $find
     *
     * @return list<T>
     */
    public function of(string $class, CaseFile $case, \Closure $find): array
    {
        $id = (string) $case->id;
        if (!isset($this->found[$id][$class])) {
            // A page is of the case that it asks for first.
            $isItsPage = [] === $this->found && [] === $this->read && ($this->requests->getMainRequest()?->isMethodSafe() ?? false);
            if ($isItsPage || self::ONE_BY_ONE === \count($this->found[$id] ?? [])) {
                $this->read($case);
            }
            $this->found[$id][$class] = isset($this->read[$id][$class]) ? $this->whole->made($class, $this->read[$id][$class]) : $find();
        }

        /** @var list<T> */
        return $this->found[$id][$class];
    }

    /** Reads the whole of it, if nobody has. */
    public function read(CaseFile $case): void
    {
        $id = (string) $case->id;
        if (!isset($this->read[$id])) {
            $this->read[$id] = $this->whole->read($case);
        }
    }

    /**
     * What is put together of it, so; or of what the shop has for all cases.
     *
     * @template T
     *
     * @param string $what in words: no name of a class
     * @param CaseFile|string $of a case; or the key of a family, or nothing, of what the shop has
     * @param \Closure(): T $make
     *
     * @return T
     */
    public function once(string $what, CaseFile|string $of, \Closure $make): mixed
    {
        $key = $what.' '.($of instanceof CaseFile ? $of->id : $of);
        if (!\array_key_exists($key, $this->madeOf)) {
            $this->madeOf[$key] = $make();
        }

        /** @var T */
        return $this->madeOf[$key];
    }

    public function postFlush(): void
    {
        $this->reset();
    }

    public function onClear(): void
    {
        $this->reset();
    }

    public function reset(): void
    {
        [$this->found, $this->madeOf, $this->read] = [[], [], []];
    }
}
