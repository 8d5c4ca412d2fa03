<?php

declare(strict_types=1);

namespace App\Identity;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Identity\Repository\SeenFeatureRepository;
use App\Intake\CaseFile;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Identity\IdentityError;

/** The one way in for what was measured, counted or seen to tell which unit it is. */
final readonly class KeepFeatures
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BookShelf $shelf,
        private SeenFeatureRepository $seen,
    ) {
    }

    /**
     * @param array<string, string> $changed by key of the feature; empty: taken back
     *
     * @return array<string, string> what was not kept, with what would be right
     */
    public function __invoke(CaseFile $case, array $changed, Actor $who): array
    {
        $features = $this->shelf->book($case->family)->identity->features;
        $there = [];
        foreach ($this->seen->ofCase($case) as $one) {
            $there[$one->feature] = $one;
        }
        $wrong = [];
        foreach (array_intersect_key($changed, $features) as $key => $value) {
            if ('' === $value) {
                isset($there[$key]) && $this->entityManager->remove($there[$key]);
                continue;
            }
            try {
                $features[$key]->value($value);
            } catch (IdentityError $error) {
                $wrong[$key] = $error->getMessage();
                continue;
            }
            $one = $there[$key] ?? new SeenFeature($case, $key);
            $one->is(mb_substr($value, 0, 80), $who);
            $this->entityManager->persist($one);
        }
        $this->entityManager->flush();

        return $wrong;
    }
}
