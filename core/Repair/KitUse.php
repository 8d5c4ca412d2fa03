<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Family\Kit;

/** A kit that serves, with what of it is used. */
final readonly class KitUse
{
    /**
     * @param list<string> $used parts
     * @param list<string> $left parts left over on purpose
     */
    public function __construct(public Kit $kit, public array $used, public array $left)
    {
    }
}
