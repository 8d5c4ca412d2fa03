<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Evidence\Picture;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Picture> */
final class PictureRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Picture::class);
    }

    public function withHash(string $hash): ?Picture
    {
        return $this->findOneBy(['hash' => $hash]);
    }

    /** @return iterable<Picture> all that are kept, one at a time */
    public function each(): iterable
    {
        /** @var iterable<Picture> $all */
        $all = $this->createQueryBuilder('p')->orderBy('p.id')->getQuery()->toIterable();

        return $all;
    }
}
