<?php

declare(strict_types=1);

namespace App\Platform;

/** A program of the machine did not do what it was asked for; the message is its own. */
final class ToolFailed extends \RuntimeException
{
}
