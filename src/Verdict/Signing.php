<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Account\User;
use App\Chain\CaseChain;
use App\Chain\ChainLink;
use App\Chain\Engine\Opinion;
use App\Intake\CaseFile;
use App\Intake\Stage;
use App\Platform\ShopError;
use App\Verdict\Repository\VerdictRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Verdict\Responsibility;
use Japhrex\Core\Verdict\Shares;
use Japhrex\Core\Verdict\SharesError;
use Symfony\Component\Messenger\MessageBusInterface;

/** Draft, first signature, second signature, frozen; and the way back: a new revision. */
final readonly class Signing
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private Snapshot $snapshot,
        private CaseChain $chains,
        private Missing $missing,
        private Opinion $opinion,
        private SignedText $text,
        private VerdictRepository $verdicts,
        private LeftOpen $leftOpen,
        private MessageBusInterface $bus,
    ) {
    }

    /** A verdict as it is written, before anybody signs it. */
    public function keep(Verdict $verdict): void
    {
        $this->entityManager->persist($verdict);
        $this->entityManager->flush();
    }

    /** The verdict being worked on or, when the case is signed, the one that counts. */
    public function current(CaseFile $case): Verdict
    {
        return $this->verdicts->last($case) ?? new Verdict($case, 1);
    }

    /**
     * @param array<string, string> $typed responsibility => per cent
     * @param array<string, list<string>> $links responsibility => ids of links that it rests on
     *
     * @throws SharesError saying what does not add up
     */
    public function share(Explained $of, array $typed, array $links): void
    {
        $answer = $of->by;
        $known = array_map(static fn (ChainLink $link): string => (string) $link->id, $this->chains->links($answer->case, $of->about()));
        $shares = [];
        foreach (Shares::read($typed) as $who => $percent) {
            $rests = array_values(array_intersect($known, $links[$who] ?? []));
            if ([] === $rests && 'undetermined' !== $who && [] !== $known) {
                throw SharesError::restsOnNothing(Responsibility::from($who)->label());
            }
            $shares[] = ['who' => $who, 'percent' => $percent, 'links' => $rests];
        }
        $answer->divide($shares, [] === $shares ? '' : $this->chains->chain($answer->case)->hash());
        $this->entityManager->persist($answer);
        $this->entityManager->flush();
    }

    /**
     * What the chain leaves open stays open for a reason, or it is not signed.
     *
     * @param array<mixed> $reasons as typed, by point
     *
     * @return int how many points miss a reason that they must have
     */
    public function leaveOpen(Verdict $verdict, array $reasons): int
    {
        [$despite, $missing] = $this->leftOpen->reasoned($verdict->case, $reasons);
        if (0 === $missing) {
            $verdict->leaveOpen($despite);
        }

        return $missing;
    }

    /** @throws ShopError saying what is missing */
    public function sign(Verdict $verdict, User $user): void
    {
        $missing = $this->missing->missingFrom($verdict);
        if ([] !== $missing) {
            throw new ShopError('It cannot be signed yet. Missing: '.implode('; ', $missing).'.', 409);
        }
        if (null !== $verdict->signedAt) {
            throw new ShopError('It is signed already and waits for the second person.', 409);
        }
        $verdict->case->moveTo(Stage::Verdict);
        $this->entityManager->persist($verdict);
        // What is signed is what is stored.
        $this->entityManager->flush();
        $document = $this->snapshot->take($verdict->case, $verdict);
        $verdict->signFirst($user, $document + ['engine' => $this->opinion->now($verdict->case)], Snapshot::hash($document));
        $this->entityManager->flush();
    }

    /** @return list<string> what is no more as it was signed first, in words; none: the second signs the same */
    public function changedSince(Verdict $verdict): array
    {
        if (!$verdict->awaitsSecond()) {
            return [];
        }
        $now = $this->snapshot->take($verdict->case, $verdict);

        return Snapshot::hash($now) === $verdict->snapshotHash
            ? []
            : (Snapshot::changed($verdict->snapshot() ?? [], $now) ?: ['how the document is written']);
    }

    /** Takes the first signature back, so that the verdict can be changed. */
    public function withdraw(Verdict $verdict): void
    {
        if (!$verdict->awaitsSecond()) {
            throw new ShopError('There is no first signature to take back.', 409);
        }
        $verdict->void('');
        $this->entityManager->flush();
    }

    /**
     * The second pair of eyes, on the same document. From here on it is frozen.
     *
     * @throws ShopError if it is the same person, the first signature is missing, or something has changed since
     */
    public function second(Verdict $verdict, User $user): void
    {
        if (!$verdict->awaitsSecond()) {
            throw new ShopError('The analyst signs first; then a second person.', 409);
        }
        if ($verdict->signedBy?->id->equals($user->id)) {
            throw new ShopError('A second pair of eyes is somebody else. Ask another analyst to read it and sign.', 409);
        }
        $changed = $this->changedSince($verdict);
        if ([] !== $changed) {
            $verdict->void(\sprintf('changed since: %s.', implode(', ', $changed)));
            $this->entityManager->flush();
            throw new ShopError(
                \sprintf(
                    'Nothing is signed. Since the first signature this has changed: %s. The first person signs anew.',
                    implode(', ', $changed),
                ),
                409,
            );
        }
        $verdict->signSecond($user);
        $verdict->keepReport($this->text->write($verdict->case, $verdict));
        $this->entityManager->flush();
        $this->bus->dispatch(new Signed($verdict->id));
    }

    /** Opens a signed case again: the signed verdict stays, a new revision starts from it. */
    public function reopen(CaseFile $case, string $because): Verdict
    {
        $signed = $this->current($case);
        if (!$signed->isSigned()) {
            throw new ShopError('Only a signed case needs a new revision; this one is still open.', 409);
        }
        if ('' === trim($because)) {
            throw new ShopError('Why is it opened again? The reason stands in the report.');
        }
        $next = $signed->next(mb_substr(trim($because), 0, 2000));
        $case->reopen();
        $this->entityManager->persist($next);
        $this->entityManager->flush();

        return $next;
    }
}
