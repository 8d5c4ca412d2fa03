<?php

declare(strict_types=1);

namespace Japhrex\Tests\architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The rules and arithmetic of the job depend on plain PHP and on themselves. */
final class CoreKnowsNobody
{
    #[TestRule]
    public function coreDependsOnNothing(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Japhrex\Core'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Japhrex\Core'), Selector::isStandardClass())
            ->because('what the core needs is handed to it');
    }
}
