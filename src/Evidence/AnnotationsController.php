<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Photo\PhotoError;
use Japhrex\Core\Photo\WebAnnotation;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Marks in and out: as W3C Web Annotations, and burnt into a copy of the picture. */
final class AnnotationsController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $entityManager, private readonly CaseGate $gate)
    {
    }

    #[Route('/cases/{number}/photos/{id}/annotations.jsonld', name: 'annotations', methods: ['GET'])]
    public function written(string $number, Photo $photo): Response
    {
        $this->mustBelong($this->gate->find($number), $photo);
        $response = new JsonResponse(WrittenMarks::page($photo), headers: [
            'Content-Type' => 'application/ld+json; profile="http://www.w3.org/ns/anno.jsonld"',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                'attachment',
                \sprintf('%s-%s.jsonld', $photo->case->number, substr($photo->picture->hash, 0, 8)),
            ),
        ]);
        $response->setEncodingOptions(\JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_PRETTY_PRINT);

        return $response;
    }

    /** Reads marks back; what is there already is not there twice. */
    #[Route('/cases/{number}/photos/{id}/annotations', name: 'annotations_read', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function read(string $number, Photo $photo, Request $request, BookShelf $shelf, CurrentPerson $person): Response
    {
        $case = $this->mustBelong($this->gate->open($number, Permission::BENCH), $photo);
        $file = $request->files->get('file');
        $text = $file instanceof UploadedFile && $file->isValid() && $file->getSize() < 5_000_000
            ? (string) file_get_contents($file->getPathname())
            : '';
        $page = json_decode($text, true);
        $items = \is_array($page) ? $page['items'] ?? (isset($page['target']) ? [$page] : $page) : null;
        if (!\is_array($items)) {
            throw new ShopError('That is no file of Web Annotations; expected JSON-LD with "items".', 422);
        }
        $there = array_map(
            static fn (Mark $mark): string => serialize([$mark->shape, $mark->points, $mark->mode, $mark->grade, $mark->note]),
            $photo->marks->toArray(),
        );
        try {
            foreach ($items as $item) {
                $mark = WebAnnotation::read(\is_array($item) ? $item : [], $photo->picture->width, $photo->picture->height);
                $points = array_map(static fn (array $p): array => [round($p[0], 6), round($p[1], 6)], $mark->points);
                $mode = $shelf->modes()->get($mark->mode ?? '')?->key;
                if (!\in_array(serialize([$mark->shape, $points, $mode, $mark->grade, $mark->note]), $there, true)) {
                    $this->entityManager->persist(
                        new Mark(
                            $photo,
                            $mark->shape,
                            $points,
                            $mode,
                            $mark->grade,
                            mb_substr($mark->note, 0, 300),
                            $person->get(),
                        )
                    );
                }
            }
        } catch (PhotoError $error) {
            throw new ShopError($error->getMessage(), 422, $error);
        }
        $this->entityManager->flush();

        return $this->redirectToRoute('photo', ['number' => $case->number, 'id' => $photo->id], Response::HTTP_SEE_OTHER);
    }

    /** A copy with the marks in it, and below it the hash of the original; where it was taken is in it only if that is asked for. */
    #[Route('/cases/{number}/photos/{id}/marked.jpg', name: 'marked_copy', methods: ['GET'])]
    public function burntIn(string $number, Photo $photo, Request $request, MarkedCopies $copies): Response
    {
        $this->mustBelong($this->gate->find($number), $photo);

        return new Response($copies->draw($photo, $request->query->has('position')), headers: [
            'Content-Type' => 'image/jpeg',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                'attachment',
                \sprintf('%s-%s-marked.jpg', $photo->case->number, substr($photo->picture->hash, 0, 8)),
            ),
        ]);
    }

    private function mustBelong(CaseFile $case, Photo $photo): CaseFile
    {
        return $photo->case === $case ? $case : throw $this->createNotFoundException();
    }
}
