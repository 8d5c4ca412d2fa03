<?php

declare(strict_types=1);

namespace App\Evidence;

use Japhrex\Core\Photo\SaidOfMark;
use Japhrex\Core\Photo\WebAnnotation;

/** The marks of a photo as a page of W3C Web Annotations. */
final class WrittenMarks
{
    /**
     * @return array<string, mixed> an AnnotationPage
     */
    public static function page(Photo $photo): array
    {
        $picture = $photo->picture;
        $items = [];
        foreach ($photo->marks as $mark) {
            $items[] = WebAnnotation::written(
                (string) $mark->id,
                'urn:sha256:'.$picture->hash,
                $mark->shape,
                $mark->points,
                $picture->width,
                $picture->height,
                new SaidOfMark($mark->mode, $mark->grade, $mark->note, $mark->byWhom, $mark->madeAt->format(\DATE_ATOM)),
            );
        }

        return ['@context' => 'http://www.w3.org/ns/anno.jsonld', 'type' => 'AnnotationPage', 'items' => $items];
    }
}
