<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Verdict\Whereabouts;

use function Symfony\Component\Clock\now;

/** The one way in for where a part is: kept, sent, back, scrapped. */
final readonly class MovePart
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BookShelf $shelf,
        private Custodies $custodies,
    ) {
    }

    /**
     * @param \DateTimeImmutable|null $day null: none that can be read
     * @param \DateTimeImmutable|null $until day up to which it is kept at least; null: nobody has said
     *
     * @throws ShopError saying what is missing, or does not follow what was before
     */
    public function __invoke(
        CaseFile $case,
        string $part,
        ?Whereabouts $what,
        ?\DateTimeImmutable $day,
        string $place,
        Actor $who,
        ?\DateTimeImmutable $until = null,
    ): void {
        if (null === $this->shelf->book($case->family, $case->is())->part($part)) {
            throw new ShopError('Which part? Choose one of the unit.', 422);
        }
        if (null === $what) {
            throw new ShopError('What became of it? Kept, sent out, came back or scrapped.', 422);
        }
        if (null === $day) {
            throw new ShopError('On which day? Such as 2026-03-01.', 422);
        }
        $before = $this->custodies->byPart($case)[$part] ?? [];
        $last = [] === $before ? null : $before[\count($before) - 1];
        $wrong = match (true) {
            $day > now('tomorrow') => 'That day has not come yet.',
            '' === $place => 'Where is it? Shelf and tag, or to whom and by which consignment.',
            default => $what->after($last?->what, $last?->day, $day),
        };
        if (null !== $wrong) {
            throw new ShopError($wrong, 422);
        }
        $entry = new Custody($case, $part, $what, $day, $place, $who);
        $entry->keepUntil(Whereabouts::Scrapped === $what ? null : $until);
        $this->entityManager->persist($entry);
        $this->entityManager->flush();
    }
}
