<?php

declare(strict_types=1);

/* What the benchmarks ask a running copy with: pages by HTTP, signed in. */

use App\Demo\DemoShop;

const ROUNDS = 21;

// What is asked for the first time in a large shop takes its time.
ini_set('default_socket_timeout', '300');

const FORM = 'Content-Type: application/x-www-form-urlencoded';

/**
 * @param string $of headers of the body
 *
 * @return array{float, int, string, list<string>} milliseconds, status, body, headers
 */
function ask(string $url, string $cookie = '', ?string $body = null, string $of = FORM): array
{
    $context = stream_context_create(['http' => [
        'method' => null === $body ? 'GET' : 'POST', 'content' => $body ?? '', 'ignore_errors' => true, 'follow_location' => 0,
        'header' => "Cookie: $cookie\r\nConnection: close\r\n".(null === $body ? '' : "$of\r\n"),
    ]]);
    $start = hrtime(true);
    $text = (string) file_get_contents($url, context: $context);
    $took = (hrtime(true) - $start) / 1e6;
    $headers = $http_response_header;

    return [$took, (int) explode(' ', $headers[0])[1], $text, $headers];
}

/** @param list<string> $headers */
function cookie(array $headers): string
{
    foreach (array_reverse($headers) as $header) {
        if (1 === preg_match('/^Set-Cookie: (japhrex=[^;]+)/i', $header, $m)) {
            return $m[1];
        }
    }

    return '';
}

/** A JPEG with a comment in it, so that its bytes are its own and its picture is not. */
function commented(string $jpeg, string $comment): string
{
    return substr($jpeg, 0, 2)."\xff\xfe".pack('n', 2 + strlen($comment)).$comment.substr($jpeg, 2);
}

/** @return array{float, int, string, list<string>} as of `ask` */
function send_photo(string $base, string $session, string $token, string $name, string $jpeg): array
{
    $boundary = 'b'.bin2hex(random_bytes(8));
    $body = '';
    foreach (['_token' => $token, 'part' => 'front-block', 'stage' => 'cleaned'] as $field => $value) {
        $body .= "--$boundary\r\nContent-Disposition: form-data; name=\"$field\"\r\n\r\n$value\r\n";
    }
    $body .= "--$boundary\r\nContent-Disposition: form-data; name=\"photos[]\"; filename=\"$name\"\r\n"
        ."Content-Type: image/jpeg\r\n\r\n$jpeg\r\n--$boundary--\r\n";

    return ask($base.'/cases/OQ-26-0102/photos', $session, $body, "Accept: application/json\r\nContent-Type: multipart/form-data; "
        ."boundary=$boundary");
}

/** @param list<float|int> $values one at least */
function median(array $values): float
{
    sort($values);

    return (float) ($values[intdiv(count($values), 2)] ?? throw new RuntimeException('Nothing was timed.'));
}

/** Signs in; the cookie of the session. */
function signed_in(string $base, string $who): string
{
    [, , $page, $headers] = ask($base.'/login');
    $session = cookie($headers);
    preg_match('/_csrf_token" value="([^"]+)/', $page, $m);
    [, , , $headers] = ask(
        $base.'/login',
        $session,
        http_build_query(['_username' => $who, '_password' => DemoShop::PASSWORD, '_csrf_token' => $m[1] ?? '']),
    );

    return cookie($headers) ?: $session;
}

/**
 * Pages by turns with the empty page, so that both are measured in the same run.
 *
 * @param array<string, string> $pages
 *
 * @return array<string, array{float, float}> median of the page and of the empty page, ms
 */
function medians(string $base, array $pages, string $session, int $rounds = ROUNDS): array
{
    $medians = [];
    foreach ($pages as $name => $path) {
        $times = $empty = [];
        for ($i = 0; $i <= $rounds; ++$i) {
            [$took, $status] = ask($base.$path, $session);
            if (200 !== $status) {
                exit("$path answered $status\n");
            }
            [$nothing] = ask($base.'/empty');
            if ($i > 0) {
                $times[] = $took;
                $empty[] = $nothing;
            }
        }
        $medians[$name] = [median($times), median($empty)];
    }

    return $medians;
}
