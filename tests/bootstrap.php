<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

// The core's tests need nothing; the application's are given their database by ./japhrex test, which makes the container anew when
// anything that it is made of has changed: without the tools of debugging they take two thirds of the time.
$_SERVER['APP_ENV'] = $_ENV['APP_ENV'] = 'test';
$_SERVER['APP_DEBUG'] = $_ENV['APP_DEBUG'] = '0';
$_SERVER['APP_SECRET'] ??= $_ENV['APP_SECRET'] = 'test';

// Several processes at once: each has a database and a store of its own.
$lane = getenv('TEST_TOKEN');
foreach (
    false === $lane ? [] : ['DATABASE_URL' => '~(?=\?)~', 'DATABASE_OWNER_URL' => '~(?=\?)~', 'JAPHREX_STORE' => '~$~D'] as $name => $where
) {
    $given = getenv($name);
    if (false !== $given) {
        $_SERVER[$name] = $_ENV[$name] = $own = (string) preg_replace($where, '_'.$lane, $given, 1);
        putenv($name.'='.$own);
    }
}
if (false !== $lane) {
    $_SERVER['JAPHREX_INBOX'] = $_ENV['JAPHREX_INBOX'] = dirname(__DIR__).'/var/inbox-test-'.$lane;
}
