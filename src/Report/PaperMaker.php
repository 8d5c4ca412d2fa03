<?php

declare(strict_types=1);

namespace App\Report;

use App\Platform\WorkFolder;
use Doctrine\ORM\EntityManagerInterface;

/** Makes a paper step by step in a folder of its own. Each step can be done again, so that a worker that dies loses nothing. */
final readonly class PaperMaker
{
    public function __construct(private EntityManagerInterface $entityManager)
    {
    }

    /**
     * @template T of Paper
     *
     * @param T|null $paper null: it is no more
     * @param \Closure(T, string): void $make gets the paper and the folder
     */
    public function make(?Paper $paper, \Closure $make): void
    {
        if (null === $paper || $paper->isMade()) {
            return;
        }
        try {
            WorkFolder::during(static fn (string $folder) => $make($paper, $folder));
        } catch (\Throwable $error) {
            $paper->failed($error);
            $this->entityManager->flush();
            // The queue hands it out again a few times, each time later: what was in the way may pass.
            throw $error;
        }
    }

    public function step(Paper $paper, int $percent, string $doing): void
    {
        $paper->step($percent, $doing);
        $this->entityManager->flush();
    }
}
