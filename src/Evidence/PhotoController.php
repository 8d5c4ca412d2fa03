<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Clips\Clip;
use App\Evidence\Form\PhotoInput;
use App\Evidence\Form\UploadInput;
use App\Evidence\Repository\ClipRepository;
use App\Evidence\Repository\FindingRepository;
use App\Evidence\Repository\PhotoPairRepository;
use App\Evidence\Repository\ReferenceRepository;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\Seen;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\MarkShape;
use Japhrex\Core\Photo\MeasureKind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

final class PhotoController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly ClipRepository $clips,
        private readonly FindingRepository $findings,
    ) {
    }

    #[Route('/cases/{number}/photos', name: 'photo_add', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function add(
        string $number,
        Request $request,
        #[MapRequestPayload] UploadInput $typed,
        Arrivals $arrivals,
        PartialUploads $partial,
    ): Response {
        $case = $this->gate->open($number, Permission::PHOTOGRAPH);
        $stage = $typed->stage();
        $part = $this->shelf->book($case->family, $case->is())->part($typed->part)?->key;
        if (PhotoStage::Arrival !== $stage && !$this->isGranted(Permission::BENCH)) {
            throw new ShopError('The desk photographs units on arrival; parts are photographed at the bench.', 403);
        }
        $files = array_filter($request->files->all('photos'), static fn (mixed $file): bool => $file instanceof UploadedFile);
        if ('' !== $typed->upload) {
            // Came in pieces; UploadedFile in test mode is a file that is here already.
            $files = [new UploadedFile($partial->whole($typed->upload, $typed->bytes), $typed->name, test: true)];
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
                $one->clockIsAhead($typed->clock);
                if ($one instanceof Photo) {
                    $this->still($one, $typed);
                }
                $taken[] = $one;
            } catch (NotAPicture|ShopError $error) {
                $status = max($status, $error instanceof ShopError ? $error->status : Response::HTTP_UNPROCESSABLE_ENTITY);
                $refused[] = ['name' => $file->getClientOriginalName(), 'message' => $error->getMessage()];
            }
        }
        $this->entityManager->flush();
        '' === $typed->upload || $partial->drop($typed->upload);
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
    private function still(Photo $photo, UploadInput $typed): void
    {
        $clip = Uuid::isValid($typed->clip) ? $this->clips->one($photo->case, $typed->clip) : null;
        if (null !== $clip && null === $photo->clip) {
            $photo->stillOf($clip, $typed->second);
        }
    }

    #[Route('/cases/{number}/photos/{id}', name: 'photo', methods: ['GET'])]
    public function show(
        string $number,
        Photo $photo,
        Request $request,
        Film $film,
        ReferenceRepository $references,
        CasePages $pages,
    ): Response {
        $case = $this->mustBelong($this->gate->find($number), $photo);
        $by = Film::BY[(string) $request->query->get('by', 'part')] ?? 'part';
        [$heading, $reel] = $film->around($photo, $by);

        return $pages->show($case, 'evidence/photo.html.twig', [
            'modes' => $this->shelf->modes(),
            'photo' => $photo,
            'reel' => $reel,
            'heading' => $heading,
            'by' => $by,
            'siblings' => array_values(array_filter($reel, static fn (Photo|Clip $one): bool => $one instanceof Photo)),
            'shapes' => MarkShape::cases(),
            'stages' => PhotoStage::cases(),
            'measures' => MeasureKind::cases(),
            'reference' => $references->ofPhoto($photo),
            'findings' => null === $photo->part ? [] : $this->findings->ofPart($case, $photo->part),
        ]);
    }

    /** Names the photo: of which part, at which stage, what it shows. */
    #[Route('/cases/{number}/photos/{id}', name: 'photo_save', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function save(string $number, Photo $photo, #[MapRequestPayload] PhotoInput $typed): Response
    {
        $case = $this->mustBelong($this->gate->open($number, Permission::PHOTOGRAPH), $photo);
        $conflict = Seen::conflict($typed->seen, $photo->caption, $typed->caption);
        if (null !== $conflict) {
            $this->addFlash('refused', $conflict);

            return $this->redirectToRoute(
                'photo',
                ['number' => $case->number, 'id' => $photo->id, 'caption' => $typed->caption],
                Response::HTTP_SEE_OTHER,
            );
        }
        $photo->describe(
            $this->shelf->book($case->family, $case->is())->part($typed->part)?->key,
            $typed->stage($photo->stage),
            $typed->caption,
        );
        $this->entityManager->flush();

        return $this->redirectToRoute('photo', ['number' => $case->number, 'id' => $photo->id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cases/{number}/photos/{id}/remove', name: 'photo_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, Photo $photo, PhotoPairRepository $pairs): Response
    {
        $case = $this->mustBelong($this->gate->open($number, Permission::BENCH), $photo);
        $signed = $pairs->signedWith($photo);
        if (null !== $signed) {
            throw new ShopError(
                \sprintf('It is one of a pair in the signed case %s, and what is signed keeps its pictures.', $signed->number),
                409,
            );
        }
        $part = $photo->part;
        $this->entityManager->remove($photo);
        $this->entityManager->flush();

        return $this->redirect($this->back($case, $part), Response::HTTP_SEE_OTHER);
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
