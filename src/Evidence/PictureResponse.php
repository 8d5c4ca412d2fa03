<?php

declare(strict_types=1);

namespace App\Evidence;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A picture on its way to a browser, which may keep it: what a hash names never changes. */
final readonly class PictureResponse
{
    public function __construct(private ShownPictures $shown)
    {
    }

    public function of(Picture $picture, PictureSize $size, Request $request): Response
    {
        $response = new Response(headers: ['Content-Type' => 'image/jpeg']);
        $response->setEtag($picture->hash.'-'.$size->value)->setPrivate()->setMaxAge(31536000)->setImmutable();
        if ($response->isNotModified($request)) {
            return $response;
        }

        return self::streamed($this->shown->open($picture->hash, $size), $response);
    }

    /** @param resource $stream */
    public static function streamed($stream, Response $head): StreamedResponse
    {
        $response = new StreamedResponse(static function () use ($stream): void {
            fpassthru($stream);
            fclose($stream);
        }, 200, $head->headers->all());
        $response->headers->remove('date');

        return $response;
    }
}
