<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Clips\Clip;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\Seen;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\MarkShape;
use Japhrex\Core\Photo\MeasureKind;
use Japhrex\Core\Photo\Stroke;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

final class PhotoController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly ClipRepository $clips,
        private readonly FindingRepository $findings,
    ) {
    }

    #[Route('/cases/{number}/photos', name: 'photo_add', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function add(string $number, Request $request, Arrivals $arrivals, PartialUploads $partial): Response
    {
        $case = $this->gate->open($number, Permission::PHOTOGRAPH);
        $stage = PhotoStage::tryFrom((string) $request->request->get('stage')) ?? PhotoStage::AsFound;
        $part = $this->shelf->book($case->family)->part((string) $request->request->get('part', ''))?->key;
        if (PhotoStage::Arrival !== $stage && !$this->isGranted(Permission::BENCH)) {
            throw new ShopError('The desk photographs units on arrival; parts are photographed at the bench.', 403);
        }
        $files = array_filter($request->files->all('photos'), static fn (mixed $file): bool => $file instanceof UploadedFile);
        $upload = (string) $request->request->get('upload', '');
        if ('' !== $upload) {
            // Came in pieces; UploadedFile in test mode is a file that is here already.
            $files = [
                new UploadedFile(
                    $partial->whole($upload, $request->request->getInt('bytes')),
                    (string) $request->request->get('name', 'photo'),
                    test: true,
                ),
            ];
        }
        if ([] === $files) {
            throw new ShopError('No photo came with this. Choose one or more, or drop them on the page.');
        }
        [$refused, $taken, $status] = [[], [], Response::HTTP_CREATED];
        foreach ($files as $file) {
            try {
                $one = $arrivals->upload(
                    $file,
                    $case,
                    $part,
                    null === $part && PhotoStage::Arrival !== $stage ? PhotoStage::Unsorted : $stage,
                );
                $one->clockAhead = max(-720, min(720, $request->request->getInt('clock')));
                if ($one instanceof Photo) {
                    $this->still($one, $request);
                }
                $taken[] = $one;
            } catch (NotAPicture|ShopError $error) {
                $status = max($status, $error instanceof ShopError ? $error->status : Response::HTTP_UNPROCESSABLE_ENTITY);
                $refused[] = ['name' => $file->getClientOriginalName(), 'message' => $error->getMessage()];
            }
        }
        $this->em->flush();
        '' === $upload || $partial->drop($upload);
        if (\in_array('application/json', $request->getAcceptableContentTypes(), true)) {
            return new JsonResponse(
                ['taken' => array_map(static fn (Photo|Clip $one): string => (string) $one->id, $taken), 'refused' => $refused],
                $status,
            );
        }
        foreach ($refused as $one) {
            $this->addFlash('refused', $one['name'].': '.$one['message']);
        }

        return $this->redirect(
            PhotoStage::Unsorted === $stage ? $this->generateUrl('tray', ['number' => $case->number]) : $this->back($case, $part),
            Response::HTTP_SEE_OTHER,
        );
    }

    /** A picture that somebody took out of a clip says of which, and from where in it. */
    private function still(Photo $photo, Request $request): void
    {
        $id = (string) $request->request->get('clip', '');
        $clip = Uuid::isValid($id) ? $this->clips->one($photo->case, $id) : null;
        if (null !== $clip && null === $photo->clip) {
            [$photo->clip, $photo->second] = [$clip, max(0.0, min($clip->seconds, (float) $request->request->get('second', 0)))];
        }
    }

    #[Route('/cases/{number}/photos/{id}', name: 'photo', methods: ['GET'])]
    public function show(string $number, Photo $photo, Request $request, Film $film): Response
    {
        $case = $this->mustBelong($this->gate->find($number), $photo);
        $by = Film::BY[(string) $request->query->get('by', 'part')] ?? 'part';
        [$heading, $reel] = $film->around($photo, $by);

        return $this->render('evidence/photo.html.twig', [
            'case' => $case,
            'book' => $this->shelf->book($case->family),
            'modes' => $this->shelf->modes(),
            'photo' => $photo,
            'reel' => $reel,
            'heading' => $heading,
            'by' => $by,
            'siblings' => array_values(array_filter($reel, static fn (Photo|Clip $one): bool => $one instanceof Photo)),
            'shapes' => MarkShape::cases(),
            'stages' => PhotoStage::cases(),
            'measures' => MeasureKind::cases(),
            'findings' => null === $photo->part ? [] : $this->findings->ofPart($case, $photo->part),
        ]);
    }

    /** Names the photo: of which part, at which stage, what it shows. */
    #[Route('/cases/{number}/photos/{id}', name: 'photo_save', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function save(string $number, Photo $photo, Request $request): Response
    {
        $case = $this->mustBelong($this->gate->open($number, Permission::PHOTOGRAPH), $photo);
        $typed = mb_substr(trim((string) $request->request->get('caption', '')), 0, 200);
        $conflict = Seen::conflict((string) $request->request->get('seen', ''), $photo->caption, $typed);
        if (null !== $conflict) {
            $this->addFlash('refused', $conflict);

            return $this->redirectToRoute(
                'photo',
                ['number' => $case->number, 'id' => $photo->id, 'caption' => $typed],
                Response::HTTP_SEE_OTHER,
            );
        }
        $photo->part = $this->shelf->book($case->family)->part((string) $request->request->get('part', ''))?->key;
        $photo->stage = PhotoStage::tryFrom((string) $request->request->get('stage')) ?? $photo->stage;
        $photo->caption = $typed;
        $this->em->flush();

        return $this->redirectToRoute('photo', ['number' => $case->number, 'id' => $photo->id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/photos/{id}/remove', name: 'photo_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, Photo $photo): Response
    {
        $case = $this->mustBelong($this->gate->open($number, Permission::BENCH), $photo);
        $part = $photo->part;
        $this->em->remove($photo);
        $this->em->flush();

        return $this->redirect($this->back($case, $part), Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/photos/{id}/marks', name: 'mark_add', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function addMark(string $number, Photo $photo, Request $request, CurrentPerson $person): Response
    {
        $case = $this->mustBelong($this->gate->open($number, Permission::BENCH), $photo);
        $shape = MarkShape::tryFrom((string) $request->request->get('shape')) ?? throw new ShopError(
            'A mark is a point, a line, a box, an ellipse, an outline, an arrow or a stroke.'
        );
        $points = json_decode((string) $request->request->get('points'), true);
        $grade = $request->request->getInt('grade');
        try {
            $points = $shape->points(\is_array($points) ? $points : []);
            $points = MarkShape::Stroke === $shape ? Stroke::simplified($points) : $points;
        } catch (\DomainException $error) {
            throw new ShopError($error->getMessage(), previous: $error);
        }
        $mode = $this->shelf->modes()->get((string) $request->request->get('mode', ''))?->key;
        if ($grade < 0 || $grade > 4) {
            throw new ShopError('A grade is from 0 to 4.');
        }
        $this->em->persist(
            new Mark(
                $photo,
                $shape,
                $points,
                $mode,
                $grade,
                mb_substr(trim((string) $request->request->get('note', '')), 0, 300),
                $person->get()->name,
                $this->finding($photo, (string) $request->request->get('finding', '')),
            )
        );
        $this->em->flush();

        return $this->redirectToRoute('photo', ['number' => $case->number, 'id' => $photo->id], Response::HTTP_SEE_OTHER);
    }

    private function finding(Photo $photo, string $id): ?Finding
    {
        return !Uuid::isValid($id) ? null : $this->findings->onePart($photo->case, $photo->part, $id);
    }

    #[Route('/cases/{number}/marks/{id}/remove', name: 'mark_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function removeMark(string $number, Mark $mark): Response
    {
        $case = $this->mustBelong($this->gate->open($number, Permission::BENCH), $mark->photo);
        $this->em->remove($mark);
        $this->em->flush();

        return $this->redirectToRoute('photo', ['number' => $case->number, 'id' => $mark->photo->id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/pictures/{id}/{size}.jpg', name: 'picture', requirements: ['size' => '480|1600|4000'], methods: ['GET'])]
    public function picture(Photo $photo, int $size, ShownPictures $shown, Request $request): Response
    {
        $response = new Response(headers: ['Content-Type' => 'image/jpeg']);
        $response->setEtag($photo->picture->hash.'-'.$size)->setPrivate()->setMaxAge(31536000)->setImmutable();
        if ($response->isNotModified($request)) {
            return $response;
        }

        return $this->streamed($shown->open($photo->picture->hash, PictureSize::from($size)), $response);
    }

    /** The original, byte for byte, always as a download. */
    #[Route('/pictures/{id}/original', name: 'picture_original', methods: ['GET'])]
    public function original(Photo $photo, StoredFiles $stored): Response
    {
        $name = \sprintf(
            '%s-%s-%s.%s',
            $photo->case->number,
            $photo->part ?? $photo->stage->value,
            substr($photo->picture->hash, 0, 8),
            $photo->picture->extension(),
        );
        $response = new Response(headers: [
            'Content-Type' => 'application/octet-stream',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);

        return $this->streamed($stored->open('photos', $photo->picture->hash), $response);
    }

    /** @param resource $stream */
    private function streamed($stream, Response $head): StreamedResponse
    {
        $response = new StreamedResponse(static function () use ($stream): void {
            fpassthru($stream);
            fclose($stream);
        }, 200, $head->headers->all());
        $response->headers->remove('date');

        return $response;
    }

    private function mustBelong(CaseFile $case, Photo $photo): CaseFile
    {
        return $photo->case === $case ? $case : throw $this->createNotFoundException();
    }

    private function back(CaseFile $case, ?string $part): string
    {
        return null === $part
            ? $this->generateUrl('intake', ['number' => $case->number, '_fragment' => 'photos'])
            : $this->generateUrl('part', ['number' => $case->number, 'part' => $part]);
    }
}
