<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\Type;

/** A large document in a JSON column, as its text: it is read only where it is asked for. */
final class JsonText extends Type
{
    public const NAME = 'json_text';

    public function getSQLDeclaration(array $column, AbstractPlatform $platform): string
    {
        return $platform->getJsonTypeDeclarationSQL($column);
    }
}
