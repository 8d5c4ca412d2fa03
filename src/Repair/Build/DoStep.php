<?php

declare(strict_types=1);

namespace App\Repair\Build;

use App\Account\User;
use App\Evidence\Arrivals;
use App\Evidence\NotAPicture;
use App\Evidence\Photo;
use App\Evidence\PhotoStage;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use App\Repair\Build\Form\StepInput;
use App\Repair\RepairDesk;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Repair\Build\BuildAnswer;
use Japhrex\Core\Repair\Build\BuildError;
use Japhrex\Core\Repair\Build\BuildKind;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** The step of the build that is in hand is done, or what was found stops it. */
final readonly class DoStep
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BuildDesk $desk,
        private RepairDesk $repair,
        private Arrivals $arrivals,
        private PhotoRepository $photos,
    ) {
    }

    /**
     * @param UploadedFile|null $file a picture of the part as fitted; it is kept even if the answer is refused
     *
     * @throws ShopError if another step comes first, or a part of it is not decided
     * @throws BuildError saying what is missing or cannot be read; nothing is written then
     * @throws NotAPicture
     */
    public function __invoke(CaseFile $case, string $key, StepInput $said, ?UploadedFile $file, User $who): BuildRecord
    {
        $step = BuildDesk::next($this->desk->sheet($case));
        if (null === $step || $step->key !== $key) {
            throw new ShopError(
                null === $step
                    ? 'The build is done.'
                    : \sprintf('First: %s. What is stopped, or not done, stops all after it.', $step->title),
                409,
            );
        }
        $this->repair->mustBeDecided($case, $step->parts);
        $typed = $said->answer();
        $step->signedBy($who->name, $said->withWhom, BuildAnswer::isOnPurpose($typed));
        $photo = null === $file ? null : $this->arrivals->upload($file, $case, $step->parts[0] ?? null, PhotoStage::Fitted);
        $photo = $photo instanceof Photo ? $photo : $this->photos->fittedParts($case, $step->parts, 1)[0] ?? null;
        $answer = BuildAnswer::of(
            $step,
            $typed,
            null !== $photo,
            static fn (float $metres): string => rtrim(rtrim(number_format($metres * 1000, 3), '0'), '.').' mm',
        );
        $record = new BuildRecord($case, $key, $who);
        $record->say(
            $answer,
            array_filter($typed, static fn (string|array $one): bool => '' !== $one && [] !== $one),
            $said->withWhom,
            BuildKind::Fit === $step->kind ? $photo : null,
        );
        $this->entityManager->persist($record);
        $this->entityManager->flush();

        return $record;
    }
}
