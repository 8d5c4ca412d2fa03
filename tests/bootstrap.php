<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

// The core's tests need nothing; the application's are given their database by ./japhrex test.
$_SERVER['APP_ENV'] = $_ENV['APP_ENV'] = 'test';
$_SERVER['APP_DEBUG'] = $_ENV['APP_DEBUG'] = '1';
$_SERVER['APP_SECRET'] ??= $_ENV['APP_SECRET'] = 'test';
