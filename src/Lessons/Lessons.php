<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Account\User;
use App\Evidence\Photo;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Lessons\Form\LessonInput;
use App\Lessons\Repository\LessonRepository;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Memory\LessonError;

/** The one way in for what cases taught. */
final readonly class Lessons
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private LessonRepository $lessons,
        private PhotoRepository $photos,
    ) {
    }

    /** @throws LessonError saying what is missing; nothing is kept then */
    public function keep(CaseFile $case, LessonInput $said, User $who): Lesson
    {
        $lesson = new Lesson($case, $said, $this->photo($case, $said->photo), $who);
        $this->entityManager->persist($lesson);
        $this->entityManager->flush();

        return $lesson;
    }

    /** @throws LessonError if who wrote it agrees to it, or it is settled */
    public function agree(string $id, User $who): void
    {
        $this->found($id)->agree($who);
        $this->entityManager->flush();
    }

    /** @throws LessonError without a reason */
    public function retire(string $id, User $who, string $why): void
    {
        $this->found($id)->retire($who, $why);
        $this->entityManager->flush();
    }

    /** @return list<Lesson> that are in force for a unit, and what was kept with the case itself, agreed to or not */
    public function of(CaseFile $case): array
    {
        return array_values(array_filter(
            $this->lessons->metIn($case),
            static fn (Lesson $one): bool => $one->case === $case || $one->isInForce() && $one->isFor($case),
        ));
    }

    private function photo(CaseFile $case, string $id): ?Photo
    {
        return '' === $id ? null : $this->photos->among($case, [$id])[0] ?? null;
    }

    /** @throws ShopError if there is none */
    private function found(string $id): Lesson
    {
        return $this->lessons->find($id) ?? throw new ShopError('There is no such lesson.', 404);
    }
}
