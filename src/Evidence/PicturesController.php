<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Platform\StoredFiles;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Pictures as they are shown, and the originals. */
final class PicturesController extends AbstractController
{
    #[Route('/pictures/{id}/{size}.jpg', name: 'picture', requirements: ['size' => '480|1600|4000'], methods: ['GET'])]
    public function picture(Photo $photo, int $size, PictureResponse $pictures, Request $request): Response
    {
        return $pictures->of($photo->picture, PictureSize::from($size), $request);
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

        return PictureResponse::streamed($stored->open('photos', $photo->picture->hash), $response);
    }
}
