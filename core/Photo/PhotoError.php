<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

/** Something that cannot be measured in a picture, said as what would be right. */
final class PhotoError extends \DomainException
{
}
