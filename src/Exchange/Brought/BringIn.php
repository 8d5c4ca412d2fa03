<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

use App\Account\Actor;
use App\Exchange\Repository\BroughtRepository;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use App\Platform\WorkFolder;
use Doctrine\ORM\EntityManagerInterface;

/** The one way in for cases of other shops: all of a ZIP, or nothing of it. */
final readonly class BringIn
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BagReader $reader,
        private StoredFiles $stored,
        private BroughtRepository $brought,
    ) {
    }

    /**
     * @return non-empty-list<Brought> those that were here already among them
     *
     * @throws ShopError saying what is wrong with the file; then nothing of it was taken in
     */
    public function __invoke(string $zip, Actor $who): array
    {
        return WorkFolder::during(function (string $folder) use ($zip, $who): array {
            $cases = [];
            foreach ($this->reader->open($zip, $folder) as $bag) {
                $digest = $bag->digest();
                $cases[$digest] = $this->brought->withDigest($digest) ?? $this->keep($bag, new Brought($bag, $digest, $who));
            }
            $this->entityManager->flush();

            return array_values($cases);
        });
    }

    private function keep(OpenedBag $bag, Brought $case): Brought
    {
        foreach ($bag->files as $path => $file) {
            $this->stored->keep(Brought::AREA, $file, $bag->digests[$path]);
        }
        $this->entityManager->persist($case);

        return $case;
    }
}
