<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Photo\MeasureKind;
use Japhrex\Core\Photo\PhotoError;
use Japhrex\Core\Photo\TargetFinder;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Measuring in a photo: its ruler, what is measured with it, and what the surface of a region tells. */
final class MeasuresController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly PhotoRulers $rulers,
        private readonly PhotoPixels $pixels,
        private readonly CurrentPerson $person,
    ) {
    }

    #[Route('/cases/{number}/photos/{id}/ruler', name: 'photo_ruler', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function ruler(string $number, Photo $photo, Request $request): Response
    {
        $case = $this->own($number, $photo);
        $kind = (string) $request->request->get('ruler', '');
        try {
            if ('find' === $kind) {
                $raster = $this->pixels->read($photo->picture->hash, PhotoRulers::SEARCHED);
                $target = (new TargetFinder())->find($raster) ?? throw new PhotoError(
                    'Our card is not to be found in this picture: all four squares must be in it, sharp and not covered. Draw a '
                        .'known length instead, or set the corners of a square.'
                );
                $this->rulers->setCard($photo, $target, $raster->width, $raster->height);
            } elseif ('none' === $kind) {
                $photo->measureWith(null);
            } else {
                $width = $this->length($request, 'width');
                $height = 'rectangle' === $kind && '' !== trim((string) $request->request->get('height', ''))
                    ? $this->length($request, 'height')
                    : $width;
                $this->rulers->set(
                    $photo,
                    'length' === $kind ? 'length' : 'rectangle',
                    PhotoRulers::shares((string) $request->request->get('points', '[]')),
                    $width,
                    $height,
                    $this->person->get(),
                );
            }
        } catch (PhotoError|QuantityError $error) {
            throw new ShopError($error->getMessage(), 422, $error);
        }
        $this->entityManager->flush();

        return $this->back($case, $photo);
    }

    #[Route('/cases/{number}/photos/{id}/measures', name: 'measure_add', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function measure(string $number, Photo $photo, Request $request, MeasureInPhoto $measure): Response
    {
        $case = $this->own($number, $photo);
        $kind = MeasureKind::tryFrom((string) $request->request->get('kind')) ?? throw new ShopError('Choose what is measured.', 422);
        $measure(
            $photo,
            $kind,
            (string) $request->request->get('points', '[]'),
            (string) $request->request->get('inside', '[]'),
            trim((string) $request->request->get('note', '')),
            $this->person->get(),
        );

        return $this->back($case, $photo);
    }

    #[Route('/cases/{number}/measures/{id}/remove', name: 'measure_remove', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function remove(string $number, PhotoMeasure $measure): Response
    {
        $case = $this->own($number, $measure->photo);
        $this->entityManager->remove($measure);
        $this->entityManager->flush();

        return $this->back($case, $measure->photo);
    }

    /** A hint from the pixels of a region; nothing is kept of it. */
    #[Route('/cases/{number}/photos/{id}/surface', name: 'photo_surface', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function surface(string $number, Photo $photo, Request $request, SurfaceHints $hints): Response
    {
        $this->own($number, $photo);
        try {
            $told = $hints->hintsFor(
                $photo,
                PhotoRulers::shares((string) $request->request->get('points', '[]')),
                PhotoRulers::shares((string) $request->request->get('inside', '[]')),
                (string) $request->request->get('running', ''),
            );
        } catch (PhotoError|QuantityError $error) {
            throw new ShopError($error->getMessage(), 422, $error);
        }

        return $this->render('evidence/_surface.html.twig', ['hints' => $told]);
    }

    private function length(Request $request, string $field): float
    {
        return Quantity::parse(trim((string) $request->request->get($field, '')), Dimension::Length)->in('mm');
    }

    private function own(string $number, Photo $photo): CaseFile
    {
        $case = $this->gate->open($number, Permission::BENCH);

        return $photo->case === $case ? $case : throw $this->createNotFoundException();
    }

    private function back(CaseFile $case, Photo $photo): Response
    {
        return $this->redirectToRoute('photo', ['number' => $case->number, 'id' => $photo->id], Response::HTTP_SEE_OTHER);
    }
}
