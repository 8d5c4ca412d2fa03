<?php

declare(strict_types=1);

namespace App\Intake\Repository;

use App\Intake\CaseFile;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\Events;
use Symfony\Contracts\Service\ResetInterface;

/**
 * What is kept of a case is asked of the database once a request: every part of a page asks for it. Whatever is written, and the
 * next request, asks anew.
 */
#[AsDoctrineListener(event: Events::postFlush)]
#[AsDoctrineListener(event: Events::onClear)]
final class FoundOfCase implements ResetInterface
{
    /** @var array<string, list<object>> by class and case */
    private array $found = [];

    /** @var array<string, mixed> by what it is and case */
    private array $madeOf = [];

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     * @param \Closure(): list<T> $find
     *
     * @return list<T>
     */
    public function of(string $class, CaseFile $case, \Closure $find): array
    {
        /** @var list<T> */
        return $this->found[$class.' '.$case->id] ??= $find();
    }

    /**
     * What is put together of it, so.
     *
     * @template T
     *
     * @param string $what in words: no name of a class
     * @param \Closure(): T $make
     *
     * @return T
     */
    public function once(string $what, CaseFile $case, \Closure $make): mixed
    {
        $key = $what.' '.$case->id;
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
        [$this->found, $this->madeOf] = [[], []];
    }
}
