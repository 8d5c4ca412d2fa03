<?php

declare(strict_types=1);

namespace App\Proof\Live;

use App\Proof\Form\StandInput;
use App\Proof\Repository\TestStandRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\Channel;
use Japhrex\Core\Quantity\QuantityError;

/** A test stand is entered, or described anew. */
final readonly class KeepStand
{
    public function __construct(private EntityManagerInterface $entityManager, private TestStandRepository $stands)
    {
    }

    /**
     * @param TestStand|null $stand null: a new one
     *
     * @throws StandError
     */
    public function __invoke(?TestStand $stand, StandInput $typed): TestStand
    {
        $wrong = [];
        foreach ($typed->expanded as $channel => $u) {
            try {
                Channel::from($channel)->uncertainty($u);
            } catch (QuantityError $error) {
                $wrong[$channel] = $error->getMessage();
            }
        }
        $other = $this->stands->named($typed->name);
        if ('' === $typed->name) {
            $wrong['name'] = 'What is it called? “Stand 1, 45 kW”.';
        } elseif (null !== $other && $other !== $stand) {
            $wrong['name'] = 'There is a stand of this name already; number them.';
        }
        if ([] !== $wrong) {
            throw new StandError($wrong);
        }
        $stand ??= new TestStand($typed->name);
        $stand->describe($typed->name, $typed->expanded);
        $this->entityManager->persist($stand);
        $this->entityManager->flush();

        return $stand;
    }
}
