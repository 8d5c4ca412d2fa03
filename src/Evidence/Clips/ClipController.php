<?php

declare(strict_types=1);

namespace App\Evidence\Clips;

use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Finding;
use App\Evidence\Form\ClipInput;
use App\Evidence\PhotoStage;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\RangedFile;
use App\Platform\Seen;
use App\Platform\StoredFiles;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

/** A clip or a sound: played, named, tied to a part and a finding, what is said in it typed out, stills taken from it by hand. */
final class ClipController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly PhotoRepository $photos,
        private readonly FindingRepository $findings,
    ) {
    }

    #[Route('/cases/{number}/clips/{id}', name: 'clip', methods: ['GET'])]
    public function show(string $number, Clip $clip, CasePages $pages): Response
    {
        $case = $this->mustBelong($this->gate->find($number), $clip);

        return $pages->show($case, 'evidence/clip.html.twig', [
            'modes' => $this->shelf->modes(),
            'clip' => $clip,
            'stages' => array_filter(
                PhotoStage::cases(),
                static fn (PhotoStage $stage): bool => PhotoStage::Unsorted !== $stage || PhotoStage::Unsorted === $clip->stage,
            ),
            'stills' => $this->photos->ofClip($clip),
            'findings' => null === $clip->part ? [] : $this->findings->ofPart($case, $clip->part),
            'photos' => $photos = $this->photos->ofPart($case, $clip->part),
            'ofItsTime' => $clip->photoOfItsTime($photos),
        ]);
    }

    #[Route('/cases/{number}/clips/{id}', name: 'clip_save', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function save(string $number, Clip $clip, #[MapRequestPayload] ClipInput $typed): Response
    {
        $case = $this->mustBelong($this->gate->open($number, Permission::PHOTOGRAPH), $clip);
        $conflict = Seen::conflict($typed->seen, $clip->said, $typed->said);
        if (null !== $conflict) {
            $this->addFlash('refused', $conflict);

            return $this->redirectToRoute(
                'clip',
                ['number' => $case->number, 'id' => $clip->id, 'said' => $typed->said],
                Response::HTTP_SEE_OTHER,
            );
        }
        $clip->describe($typed->caption, $typed->said);
        $clip->sortTo(
            $this->shelf->book($case->family, $case->is())->part($typed->part)?->key,
            $typed->stage($clip->stage),
        );
        $clip->shows(
            Uuid::isValid($typed->finding) ? $this->findings->onePart($case, $clip->part, $typed->finding) : null,
            Uuid::isValid($typed->photo) ? $this->photos->among($case, [$typed->photo])[0] ?? null : null,
        );
        $this->entityManager->flush();

        return $this->redirectToRoute('clip', ['number' => $case->number, 'id' => $clip->id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/clips/{id}/remove', name: 'clip_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, Clip $clip): Response
    {
        $case = $this->mustBelong($this->gate->open($number, Permission::BENCH), $clip);
        $part = $clip->part;
        $this->entityManager->remove($clip);
        $this->entityManager->flush();

        return $this->redirect(
            null === $part
                ? $this->generateUrl('intake', ['number' => $case->number, '_fragment' => 'photos'])
                : $this->generateUrl('part', ['number' => $case->number, 'part' => $part]),
            Response::HTTP_SEE_OTHER,
        );
    }

    #[Route('/clips/{id}/play', name: 'clip_play', methods: ['GET'])]
    public function play(Clip $clip, StoredFiles $stored, Request $request): Response
    {
        // Chromium plays QuickTime of phones as the MP4 that it nearly is, and refuses it by its own name.
        $type = 'video/quicktime' === $clip->type ? 'video/mp4' : $clip->type;

        return RangedFile::response(
            $stored->open(ClipIntake::AREA, $clip->hash),
            $clip->bytes,
            $request,
            ['Content-Type' => $type, 'Cache-Control' => 'private, max-age=31536000, immutable'],
        );
    }

    /** The original, byte for byte, always as a download. */
    #[Route('/clips/{id}/original', name: 'clip_original', methods: ['GET'])]
    public function original(Clip $clip, StoredFiles $stored, Request $request): Response
    {
        return RangedFile::response($stored->open(ClipIntake::AREA, $clip->hash), $clip->bytes, $request, [
            'Content-Type' => 'application/octet-stream',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                \sprintf(
                    '%s-%s-%s.%s',
                    $clip->case->number,
                    $clip->part ?? $clip->stage->value,
                    substr($clip->hash, 0, 8),
                    $clip->extension(),
                ),
            ),
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);
    }

    private function mustBelong(CaseFile $case, Clip $clip): CaseFile
    {
        return $clip->case === $case ? $case : throw $this->createNotFoundException();
    }
}
