<?php

declare(strict_types=1);

namespace App\Parts;

use App\Account\Actor;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Finding;
use App\Evidence\RecordFinding;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\Disposition;
use Symfony\Bundle\SecurityBundle\Security;

/** One act for all that is ordinary: each part gets a record of its own, which says that it was one of many. */
final readonly class ClearTheRest
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BookShelf $shelf,
        private PartViews $parts,
        private RestOfParts $rest,
        private RecordFinding $record,
        private JudgePart $judge,
        private PartRecordRepository $records,
        private Security $may,
    ) {
    }

    /**
     * @param list<string> $shown the parts that were on the page when it was pressed: no other is touched
     *
     * @return int parts that were called clean
     */
    public function __invoke(CaseFile $case, array $shown, Actor $who): int
    {
        $clean = array_values(array_intersect($this->rest->of($case)->clean, $shown));
        if ([] === $clean) {
            throw new ShopError('None of these parts can be called clean any more: something was found or recorded meanwhile.', 409);
        }
        $views = $this->parts->partsOf($case)->views;
        // A part that somebody has looked at by itself keeps that look: only the decision is of this act.
        $toLook = array_filter($clean, static fn (string $part): bool => !$views[$part]->isLookedAt());
        // All of it or nothing: a record says of how many it is one.
        $this->entityManager->wrapInTransaction(function () use ($case, $clean, $toLook, $views, $who): void {
            foreach ($toLook as $part) {
                $finding = new Finding($case, $part);
                $finding->lookedOver(\count($toLook));
                ($this->record)($finding, $who);
            }
            foreach ($this->may->isGranted(Permission::ANALYSE) ? $clean : [] as $part) {
                $record = $this->records->ofPart($case, $part);
                $book = $this->shelf->book($case->family, $case->is())->parts[$part];
                $views[$part]->isNeverReused()
                    ? $record->decide(Disposition::AlwaysReplace, $book->reuseWhy, '')
                    : $record->decide(Disposition::Reuse, self::reason(\in_array($part, $toLook, true)), '');
                $this->judge->keep($record);
            }
        });

        return \count($clean);
    }

    private static function reason(bool $isOneOfMany): string
    {
        return $isOneOfMany ? NothingFoundFalls::WITH_THE_REST : NothingFoundFalls::BY_ITSELF;
    }
}
