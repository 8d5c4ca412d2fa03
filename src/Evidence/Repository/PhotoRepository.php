<?php

declare(strict_types=1);

namespace App\Evidence\Repository;

use App\Evidence\Clips\Clip;
use App\Evidence\Photo;
use App\Evidence\PhotoStage;
use App\Evidence\Picture;
use App\Intake\CaseFile;
use App\Intake\Repository\OfCaseRepository;
use App\Intake\Repository\ReadAlone;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Uuid;

/** @extends OfCaseRepository<Photo> */
final class PhotoRepository extends OfCaseRepository implements ReadAlone
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Photo::class);
    }

    /** @return list<Photo> as it came, taken apart, cleaned, as put back */
    public function byStage(CaseFile $case, ?int $most = null): array
    {
        return \array_slice(self::inStages($this->ofCase($case)), 0, $most);
    }

    /** @return list<Photo> what a report shows: without those of the build */
    public function asEvidence(CaseFile $case): array
    {
        return array_values(array_filter($this->byStage($case), static fn (Photo $photo): bool => $photo->stage->isEvidence()));
    }

    /** @return list<Photo> by stage */
    public function ofPart(CaseFile $case, ?string $part): array
    {
        return self::inStages(array_values(array_filter($this->ofCase($case), static fn (Photo $one): bool => $part === $one->part)));
    }

    /** The one that shows a part best: cleaned before as found. */
    public function best(CaseFile $case, string $part): ?Photo
    {
        $photos = $this->ofPart($case, $part);
        usort($photos, static fn (Photo $a, Photo $b): int => $b->stage->value <=> $a->stage->value);

        return $photos[0] ?? null;
    }

    /** @param list<string> $parts */
    public function anyOf(CaseFile $case, array $parts): ?Photo
    {
        foreach ($this->ofCase($case) as $photo) {
            if (\in_array($photo->part, $parts, true)) {
                return $photo;
            }
        }

        return null;
    }

    /** @return list<Photo> of the build */
    public function fitted(CaseFile $case): array
    {
        return array_values(array_filter($this->ofCase($case), static fn (Photo $one): bool => PhotoStage::Fitted === $one->stage));
    }

    /**
     * @param list<string> $parts
     *
     * @return list<Photo> of the build, the newest first
     */
    public function fittedParts(CaseFile $case, array $parts, int $most): array
    {
        return \array_slice(array_reverse(array_filter(
            $this->fitted($case), static fn (Photo $one): bool => \in_array($one->part, $parts, true),
        )), 0, $most);
    }

    /** @return list<Photo> stills of a clip */
    public function ofClip(Clip $clip): array
    {
        return $this->findBy(['clip' => $clip], ['second' => 'ASC']);
    }

    /** @return list<Photo> in whatever case */
    public function ofPicture(Picture $picture): array
    {
        return $this->findBy(['picture' => $picture]);
    }

    public function showing(CaseFile $case, Picture $picture): ?Photo
    {
        return $this->findOneBy(['case' => $case, 'picture' => $picture]);
    }

    /** @return list<Photo> that nobody has sorted */
    public function unsorted(CaseFile $case): array
    {
        return array_values(array_filter($this->ofCase($case), static fn (Photo $one): bool => PhotoStage::Unsorted === $one->stage));
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Photo> those of this case
     */
    public function among(CaseFile $case, array $ids): array
    {
        return [] === $ids ? [] : $this->findBy(['case' => $case, 'id' => $ids], ['id' => 'ASC']);
    }

    public function withId(string $id): ?Photo
    {
        return Uuid::isValid($id) ? $this->find($id) : null;
    }

    /** @return list<Photo> of the same part in other cases of the family, the newest first */
    public function elsewhere(Photo $photo, int $most): array
    {
        /** @var list<Photo> $photos */
        $photos = $this->createQueryBuilder('p')->addSelect('c', 'a')->join('p.case', 'c')->leftJoin('c.arrival', 'a')
            ->where('c.family = :family')->andWhere('p.part = :part')->andWhere('c != :case')->orderBy('p.id', 'DESC')->setMaxResults($most)
            ->setParameter(
                'family',
                $photo->case->family,
            )->setParameter('part', $photo->part)->setParameter('case', $photo->case)->getQuery()->getResult();

        return $photos;
    }

    /** @return list<Photo> with marks and measures, in one question however many there are */
    public function ofCase(CaseFile $case): array
    {
        return $this->found->once('photos', $case, fn (): array => $this->withMarks($case));
    }

    /**
     * @param list<Photo> $photos
     *
     * @return list<Photo>
     */
    private static function inStages(array $photos): array
    {
        usort($photos, static fn (Photo $a, Photo $b): int => $a->stage->value <=> $b->stage->value);

        return $photos;
    }

    /** @return list<Photo> */
    private function withMarks(CaseFile $case): array
    {
        /** @var list<Photo> $photos */
        $photos = $this->createQueryBuilder('p')->select(
            'p',
            'pic',
            'm',
            'n',
        )->join('p.picture', 'pic')->leftJoin('p.marks', 'm')->leftJoin('p.measures', 'n')
            ->where(
                'p.case = :case'
            )->orderBy('p.id')->addOrderBy('m.id')->addOrderBy('n.id')->setParameter('case', $case)->getQuery()->getResult();

        return $photos;
    }

    /** @return list<Photo> of the unit as a whole, those in the tray left out */
    public function ofWholeUnit(CaseFile $case): array
    {
        return array_values(array_filter(
            $this->ofCase($case),
            static fn (Photo $photo): bool => null === $photo->part && PhotoStage::Unsorted !== $photo->stage,
        ));
    }

    /** @return list<Photo> of all parts laid out, before they were cleaned and after */
    public function laidOut(CaseFile $case): array
    {
        return array_values(array_filter(
            $this->ofWholeUnit($case),
            static fn (Photo $photo): bool => \in_array($photo->stage, [PhotoStage::AsFound, PhotoStage::Cleaned], true),
        ));
    }

    /** @return array<string, list<Photo>> by part, those in the tray left out */
    public function sortedByPart(CaseFile $case): array
    {
        $photos = [];
        foreach ($this->ofCase($case) as $photo) {
            if (null !== $photo->part && PhotoStage::Unsorted !== $photo->stage) {
                $photos[$photo->part][] = $photo;
            }
        }

        return $photos;
    }

    /** @return list<string> ids of findings that a mark in some picture shows */
    public function shownFindings(CaseFile $case): array
    {
        $shown = [];
        foreach ($this->ofCase($case) as $photo) {
            foreach ($photo->marks as $mark) {
                null === $mark->finding || $shown[(string) $mark->finding->id] = true;
            }
        }

        return array_map(strval(...), array_keys($shown));
    }

    public function hasArrival(CaseFile $case): bool
    {
        return 0 < $this->count(['case' => $case, 'part' => null, 'stage' => PhotoStage::Arrival]);
    }

    /** How many lie in the tray. */
    public function countUnsorted(CaseFile $case): int
    {
        return $this->count(['case' => $case, 'stage' => PhotoStage::Unsorted]);
    }
}
