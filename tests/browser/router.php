<?php

declare(strict_types=1);

// The application behind PHP's own server, for a test that kills it (server.mjs).
if (1 === preg_match('#^/assets/v-[0-9a-f]+/([\w./-]+)$#', (string) parse_url((string) $_SERVER['REQUEST_URI'], \PHP_URL_PATH), $m)) {
    $types = ['css' => 'text/css', 'js' => 'application/javascript', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2'];
    header('Content-Type: '.($types[pathinfo($m[1], \PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    readfile(dirname(__DIR__, 2).'/assets/'.$m[1]);

    return;
}
$_SERVER = getenv() + ['SCRIPT_NAME' => '/index.php', 'SCRIPT_FILENAME' => dirname(__DIR__, 2).'/public/index.php'] + $_SERVER;

require dirname(__DIR__, 2).'/public/index.php';
