<?php

declare(strict_types=1);

namespace Japhrex\Tests\architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** A stage knows those that come before it in the walk; what it needs of a later one it asks for by an interface of its own. */
final class StagesLookBack
{
    /** In the order of the walk, after what every stage shares. */
    private const WALK = [
        'Platform', 'Account', 'Books', 'Intake', 'Teardown', 'Evidence', 'Measuring', 'Identity',
        'Laboratory', 'Figures', 'Chain', 'Library', 'Lessons', 'Parts',
        'Verdict', 'Repair', 'Proof', 'Report', 'Claims', 'Memory', 'Exchange', 'Shop', 'Demo',
    ];

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function noStageKnowsALaterOne(): iterable
    {
        foreach (self::WALK as $i => $stage) {
            $later = array_map(static fn (string $one) => Selector::inNamespace('App\\'.$one), \array_slice(self::WALK, $i + 1));
            if ([] !== $later) {
                yield $stage => PHPat::rule()
                    ->classes(Selector::inNamespace('App\\'.$stage))
                    ->shouldNotDependOn()
                    ->classes(...$later)
                    ->because('the walk goes one way; see docs/architecture.md');
            }
        }
    }

    /** Queries have names, and stand in the repository of their own stage. */
    #[TestRule]
    public function formatsDoNotAsk(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::classname('/Twig$/', true))
            ->shouldNotDependOn()
            ->classes(
                Selector::classname('/Repository$/', true),
                Selector::classname('/EntityManager/', true),
                Selector::classname('/^Doctrine.DBAL/', true),
            )
            ->because('what a template shows is handed to it');
    }
}
