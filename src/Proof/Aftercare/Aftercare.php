<?php

declare(strict_types=1);

namespace App\Proof\Aftercare;

use App\Evidence\NotAPicture;
use App\Evidence\PhotoIntake;
use App\Evidence\PhotoStage;
use App\Intake\SourceKind;
use App\Intake\Statement;
use App\Proof\Aftercare\Form\UserAnswerInput;
use App\Proof\Aftercare\Repository\UserAnswerRepository;
use App\Proof\Handover;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\ProofError;
use Japhrex\Core\Proof\UserSays;
use Japhrex\Core\Quantity\ServiceTime;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** The one way in for what the user of a unit answers on his watch day. */
final readonly class Aftercare
{
    /** More answers than this are no answers. */
    private const MOST = 20;

    public function __construct(
        private EntityManagerInterface $entityManager,
        private UserAnswerRepository $answers,
        private PhotoIntake $photos,
    ) {
    }

    /**
     * @throws ProofError saying what is missing; nothing is kept then
     * @throws NotAPicture
     */
    public function answer(Handover $handover, UserAnswerInput $typed, ?UploadedFile $file): UserAnswer
    {
        $case = $handover->case;
        $says = UserSays::tryFrom($typed->says);
        UserSays::allow($says, $typed->leaks || $typed->noise, $typed->words, $typed->name);
        if ('' !== $typed->ran && null === ServiceTime::hours($typed->ran)) {
            throw ProofError::refused(\sprintf('“%s” is no time and no way. Write 350 h, or 12000 km; or leave it empty.', $typed->ran));
        }
        if (null === $says || $this->answers->count(['case' => $case]) >= self::MOST) {
            throw ProofError::refused('You have told us often enough here. Ring us.');
        }
        if (null !== $file && !$file->isValid()) {
            throw NotAPicture::interrupted();
        }
        $photo = null === $file
            ? null
            : $this->photos->take($file->getPathname(), $file->getClientOriginalName(), $case, null, PhotoStage::InService);
        $answer = new UserAnswer($case, $says, $typed, $photo);
        $statement = new Statement($case);
        $statement->toldBy(
            mb_substr($typed->name, 0, 100).', user',
            SourceKind::FirstHand,
            'Asked how it runs: '.mb_substr($answer->inWords(), 0, 3900),
        );
        $this->entityManager->persist($answer);
        $this->entityManager->persist($statement);
        $this->entityManager->flush();

        return $answer;
    }
}
