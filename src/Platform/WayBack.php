<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** Back to the page a form was sent from (its field `back`); never to another site. */
final class WayBack
{
    public static function of(Request $request, string $otherwise = '/'): RedirectResponse
    {
        $back = (string) $request->request->get('back', '');
        $ours = str_starts_with($back, '/') && !str_starts_with($back, '//') && !str_contains($back, '\\');

        return new RedirectResponse($ours ? $back : $otherwise, Response::HTTP_SEE_OTHER);
    }
}
