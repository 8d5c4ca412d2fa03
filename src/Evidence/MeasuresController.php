<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Evidence\Form\MeasureInput;
use App\Evidence\Form\RulerInput;
use App\Evidence\Form\SurfaceInput;
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
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
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
    public function ruler(string $number, Photo $photo, #[MapRequestPayload] RulerInput $typed): Response
    {
        $case = $this->own($number, $photo);
        $kind = $typed->ruler;
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
                $width = self::length($typed->width);
                $height = 'rectangle' === $kind && '' !== $typed->height
                    ? self::length($typed->height)
                    : $width;
                $this->rulers->set(
                    $photo,
                    'length' === $kind ? 'length' : 'rectangle',
                    PhotoRulers::shares($typed->points),
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
    public function measure(
        string $number,
        Photo $photo,
        #[MapRequestPayload] MeasureInput $typed,
        MeasureInPhoto $measure,
    ): Response {
        $case = $this->own($number, $photo);
        $kind = MeasureKind::tryFrom($typed->kind) ?? throw new ShopError('Choose what is measured.', 422);
        $measure(
            $photo,
            $kind,
            $typed->points,
            $typed->inside,
            $typed->note,
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
    public function surface(
        string $number,
        Photo $photo,
        #[MapRequestPayload] SurfaceInput $typed,
        SurfaceHints $hints,
    ): Response {
        $this->own($number, $photo);
        try {
            $told = $hints->hintsFor(
                $photo,
                PhotoRulers::shares($typed->points),
                PhotoRulers::shares($typed->inside),
                $typed->running,
            );
        } catch (PhotoError|QuantityError $error) {
            throw new ShopError($error->getMessage(), 422, $error);
        }

        return $this->render('evidence/_surface.html.twig', ['hints' => $told]);
    }

    private static function length(string $typed): float
    {
        return Quantity::parse($typed, Dimension::Length)->in('mm');
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
