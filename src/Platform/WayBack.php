<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** Back to the page a form was sent from (its field `back`); never to another site. */
final class WayBack
{
    /** One slash and no second, of either kind; browsers leave out tabs and line ends before they read an address. */
    private const OURS = '~^/(?![/\\\\])[^\\\\\x00-\x20\x7f]*$~D';

    public static function of(Request $request, string $otherwise = '/'): RedirectResponse
    {
        $back = $request->request->getString('back');

        return new RedirectResponse(1 === preg_match(self::OURS, $back) ? $back : $otherwise, Response::HTTP_SEE_OTHER);
    }
}
