<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** What has to hold of a case: one of Found, Keyed, Between, Written, Contains, Read. */
interface Condition
{
}
