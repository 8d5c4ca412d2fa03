<?php

declare(strict_types=1);

// Stand-in for a collector of OpenTelemetry: `SPANS=file php -S 127.0.0.1:4318 stand-ins/collector/server.php` writes down what was sent,
// a line each.
file_put_contents((string) getenv('SPANS'), file_get_contents('php://input')."\n", \FILE_APPEND);
header('Content-Type: application/json');
echo '{}';
