<?php

declare(strict_types=1);

namespace App\Proof;

use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Platform\BookShelf;
use App\Verdict\Signing;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Proof\ProofItem;
use Japhrex\Core\Proof\ProofPlan;
use Japhrex\Core\Proof\Soak;
use Japhrex\Core\Repair\Outside;
use Twig\Attribute\AsTwigFunction;

/** The proof of a case, how far it is, and what goes out with the unit. */
final readonly class ProofDesk
{
    public function __construct(private EntityManagerInterface $em, private BookShelf $shelf, private Signing $signing)
    {
    }

    /** @return list<array{item: ProofItem, records: list<ProofRecord>, outcome: string, soak: Soak|null}> outcome: of the last entry; empty: none yet */
    public function sheet(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family);
        $records = [];
        foreach ($this->em->getRepository(ProofRecord::class)->findBy(['case' => $case], ['id' => 'ASC']) as $record) {
            $records[$record->item][] = $record;
        }
        $complaints = array_map(static fn (Complaint $one): array => ['name' => $book->complaints[$one->what]->name ?? $one->what, 'conditions' => $one->conditions()], $case->complaints->getValues());

        return array_map(static function (ProofItem $item) use ($records): array {
            $own = $records[$item->key] ?? [];
            $last = $own[\count($own) - 1] ?? null;

            return ['item' => $item, 'records' => $own, 'outcome' => $last->outcome ?? '', 'soak' => ProofEntry::BEGUN === $last?->outcome ? new Soak($last->madeAt, $item->minutes) : null];
        }, ProofPlan::of($book, $complaints));
    }

    #[AsTwigFunction('handover')]
    public function handover(CaseFile $case): ?Handover
    {
        return $this->em->getRepository(Handover::class)->findOneBy(['case' => $case]);
    }

    /** @return list<Handover> of units that somebody should ask after now */
    #[AsTwigFunction('watch_due')]
    public function due(): array
    {
        /** @var list<Handover> $due */
        $due = $this->em->createQuery('SELECT h FROM '.Handover::class.' h WHERE h.watch <= :today AND h.watch > :past ORDER BY h.watch')->execute(['today' => new \DateTimeImmutable('today'), 'past' => new \DateTimeImmutable('today -14 days')]);

        return $due;
    }

    /** A first draft to be read over. */
    public function draft(CaseFile $case): Handover
    {
        $handover = new Handover($case);
        $origin = $this->signing->current($case)->origin?->origin;
        $handover->checks = trim("Level and leaks after the first hour, after the first day, and then at every service.\n".(null === $origin ? '' : Outside::of($origin)));
        $handover->stop = 'A new noise, foam, oil on the ground, or the complaint as it was: stop, do not try it once more, and call us.';
        $handover->watch = new \DateTimeImmutable('today +30 days');

        return $handover;
    }
}
