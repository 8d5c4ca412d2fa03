<?php

declare(strict_types=1);

namespace App\Repair;

use App\Account\Actor;
use App\Chain\ChainStory;
use App\Evidence\FoundBesides;
use App\Evidence\Photo;
use App\Evidence\Repository\PhotoRepository;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Kept\KeptOfCase;
use App\Intake\SourceKind;
use App\Intake\Statement;
use App\Platform\ShopError;
use App\Platform\SignedLinks;
use App\Repair\Form\OfferInput;
use App\Repair\Repository\OfferRepository;
use App\Repair\Repository\RepairOptionRepository;
use App\Verdict\Explained;
use App\Verdict\Signing;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Repair\Line;
use Japhrex\Core\Repair\OptionKind;

use function Symfony\Component\Clock\now;

/** Offers to customers: made of the options as they stand, reached by a signed link, answered once. */
final readonly class Offers
{
    /** A link holds at most so long, days. */
    private const LONGEST = 90;

    private const EXPIRED = 'This link has expired. Ask the workshop for a new one; prices may have changed since.';

    public function __construct(
        private EntityManagerInterface $entityManager,
        private RepairDesk $desk,
        private Signing $signing,
        private ChainStory $chain,
        private SignedLinks $links,
        private OfferRepository $offers,
        private PhotoRepository $photos,
        private RepairOptionRepository $options,
        private FoundBesides $besides,
        private KeptOfCase $kept,
    ) {
    }

    /** @return list<Offer> the last first */
    public function newestFirst(CaseFile $case): array
    {
        return $this->offers->newestFirst($case);
    }

    /** The link, without the host: the day it holds until, and a signature over both. */
    public function link(Offer $offer): string
    {
        return $this->links->to('customer', ['id' => $offer->id], $offer->validUntil->modify('+1 day'));
    }

    /**
     * @param string $uri as it was asked for, from the first slash
     *
     * @throws ShopError saying in plain words why the link opens nothing
     */
    public function opened(string $uri, Offer $offer): void
    {
        $this->links->mustOpen($uri, self::EXPIRED);
        if ($offer->isExpired(now())) {
            throw new ShopError(self::EXPIRED, 410);
        }
        if (null !== $offer->revokedAt) {
            throw new ShopError('The workshop has taken this offer back. Ask them for the new one.', 410);
        }
    }

    /** @return list<string> parts that are bought and have no price, in words */
    public function unpriced(CaseFile $case): array
    {
        return $this->desk->unpriced($case);
    }

    /** @return SuggestedStory a first draft to be read over */
    public function suggested(CaseFile $case): SuggestedStory
    {
        return new SuggestedStory(
            $this->kept->of($case, 'story for the customer', fn (): string => $this->story($case)), $this->photos->byStage($case, 24),
        );
    }

    private function story(CaseFile $case): string
    {
        $verdict = $this->signing->current($case);
        $lines = [];
        foreach ($verdict->explained() as $one) {
            array_push($lines, ...$this->inPlainSentences($case, $one));
        }
        $lines[] = $this->besides->says($case);
        $lines[] = $verdict->leavesOpen() ? $verdict->atRisk : '';

        return trim(implode("\n\n", array_filter($lines)));
    }

    /** @return list<string> a complaint and what it came from, in plain sentences */
    private function inPlainSentences(CaseFile $case, Explained $one): array
    {
        $said = array_map(
            static fn (Complaint $complaint): string => '' === $complaint->words ? '' : \sprintf('“%s”', rtrim($complaint->words, '.')),
            $one->complaints,
        );
        $lines = [] === array_filter($said) ? [] : [\sprintf('You told us: %s.', implode(' and ', array_filter($said)))];
        foreach ($this->chain->plainly($case, $one->complaints, $one->by->origin) as $path) {
            $after = \array_slice($path, 1);
            $lines[] = \sprintf(
                'What started it: %s.%s',
                $path[0],
                [] === $after ? '' : \sprintf(' After that %s. That is what you noticed.', implode('; then ', $after)),
            );
        }
        if ($one->by->causeNotFound) {
            $lines[] = 'We could not find what started it.';
        }

        return [implode(' ', $lines), $one->by->statement];
    }

    /**
     * An offer of the options as they stand.
     *
     * @throws OfferError saying what is missing, or which day it may hold until
     */
    public function make(CaseFile $case, OfferInput $told, Actor $who): Offer
    {
        $unpriced = $this->unpriced($case);
        $latest = now('today')->modify('+'.self::LONGEST.' days');
        $until = $told->lastDay();
        match (true) {
            null === $until || $until < now('today') || $until > $latest => throw OfferError::noSuchDay($latest),
            '' === $told->story => throw OfferError::noStory(),
            [] !== $unpriced && 'yes' !== $told->unpriced => throw OfferError::unpriced($unpriced),
            default => null,
        };
        $rates = $this->desk->rates();
        $offer = new Offer($case, $until, $who);
        $chosen = array_filter(
            array_map(static fn (Photo $one): string => (string) $one->id, $this->photos->ofCase($case)),
            static fn (string $id): bool => \in_array($id, $told->photos, true),
        );
        $offer->tell($told->story, $told->theory, array_values($chosen));
        $options = [];
        foreach (OptionKind::cases() as $kind) {
            $option = $this->options->ofKind($case, $kind);
            if (null !== $option) {
                $all = $option->estimate($rates);
                $options[] = [
                    'kind' => $kind->value, 'label' => $kind->label(), 'lines' => array_map(
                        static fn (Line $line): array => [
                            'what' => $line->what,
                            'kind' => $line->kind,
                            'low' => $line->low->format(),
                            'high' => $line->high->format(),
                        ],
                        $all->lines,
                    ),
                    'low' => $all->low->format(), 'high' => $all->high->format(), 'tax-low' => $all->taxLow->format(),
                    'tax-high' => $all->taxHigh->format(), 'gross-low' => $all->grossLow()->format(),
                    'gross-high' => $all->grossHigh()->format(),
                    'hours' => $all->hours, 'days' => $all->days, 'life' => $option->life, 'risk' => $option->risk,
                    'outside' => $option->outside,
                ];
            }
        }
        if ([] === $options) {
            throw OfferError::nothingToOffer();
        }
        $offer->price($options, $rates->tax, $unpriced);
        foreach ($told->asked() as $question) {
            new OfferQuestion($offer, $question);
        }
        $this->entityManager->persist($offer);
        $this->entityManager->flush();

        return $offer;
    }

    /**
     * What the customer answers counts once; it stands in the case as a statement of theirs.
     *
     * @throws OfferError saying what is missing
     */
    public function answer(Offer $offer, string $choice, string $name, string $words): void
    {
        if (!$offer->isOpen(now())) {
            throw OfferError::isAnswered();
        }
        $kind = 'none' === $choice ? null : OptionKind::tryFrom($choice);
        match (true) {
            'none' !== $choice
                && (
                    null === $kind || !\in_array($kind->value, array_column($offer->options, 'kind'), true)
                ) => throw OfferError::noChoice(),
            '' === $name => throw OfferError::noName(),
            default => null,
        };
        $offer->takeAnswer($kind, $name, $words);
        $this->state(
            $offer,
            $name,
            \sprintf(
                '%s.%s',
                null === $kind ? 'Wants none of the options' : 'Chooses: '.lcfirst($kind->label()),
                '' === $words ? '' : ' '.$words,
            ),
        );
        $this->entityManager->flush();
    }

    /** An answer to a question becomes a statement. */
    public function reply(OfferQuestion $question, string $name, string $words): void
    {
        if ('' === $words || null !== $question->answeredAt) {
            throw OfferError::questionDone('' === $words);
        }
        $question->answer($words);
        $this->state(
            $question->offer,
            '' === $name ? $question->offer->case->customer : $name,
            \sprintf('Asked “%s”: %s', $question->question, $words),
        );
        $this->entityManager->flush();
    }

    private function state(Offer $offer, string $name, string $words): void
    {
        $statement = new Statement($offer->case);
        $statement->toldBy(mb_substr($name, 0, 100).', customer', SourceKind::FirstHand, mb_substr($words, 0, 4000));
        $this->entityManager->persist($statement);
    }
}
