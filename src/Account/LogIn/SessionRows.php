<?php

declare(strict_types=1);

namespace App\Account\LogIn;

use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/**
 * A page that changes nothing in its session writes nothing: the time of the last sign of life stands in the session itself and changes
 * every five minutes (`metadata_update_threshold`), so that a session lives at most so much shorter than its twelve hours.
 */
final class SessionRows extends PdoSessionHandler
{
    public function updateTimestamp(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        return true;
    }
}
