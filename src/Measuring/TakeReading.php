<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\Actor;
use App\Intake\CaseFile;
use App\Intake\Stage;
use App\Measuring\Repository\ReadingRepository;
use App\Measuring\Repository\ZeroCheckRepository;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\Part;

/** The one way in for a reading, whoever takes it: the sheet, a gauge, a phone, a measure in a photo, the demo. */
final readonly class TakeReading
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private ReadingRepository $readings,
        private ZeroCheckRepository $zeros,
    ) {
    }

    /**
     * @param string $which key of the field, with its place behind an @ where it has several
     *
     * @return array{Field, string} the field and its place; empty: it has one spot
     *
     * @throws ShopError if the part has no such field, or the place is missing
     */
    public static function at(?Part $part, string $which): array
    {
        [$key, $place] = explode('@', $which, 2) + [1 => ''];
        $field = $part->fields[$key] ?? throw new ShopError('Which reading is it?', 422);
        if ([] !== $field->positions() && !\in_array($place, $field->positions(), true)) {
            throw new ShopError(
                \sprintf('%s is read at %s: at which of them is this?', $field->name, implode(', ', $field->positions())),
                422,
            );
        }

        return [$field, [] === $field->positions() ? '' : $place];
    }

    /** A field as it stands at the bench: takes the place of what was there; nothing typed takes it back. */
    public function asTyped(CaseFile $case, string $part, Field $field, ReadingEntry $entry, Actor $who): void
    {
        $reading = $this->readings->ofField($case, $part, $field->key);
        if ([] === $entry->typed) {
            if (null !== $reading) {
                $this->entityManager->remove($reading);
                $this->entityManager->flush();
            }

            return;
        }
        $zero = '' !== $entry->zero && $entry->zero !== ($reading->zero ?? '') ? $entry->zero : null;
        // A note added later does not make it a new reading: gauge, zero, time and hand stay those of the reading.
        if (null === $reading || $reading->typed !== $entry->typed || $reading->gauge !== $entry->gauge || null !== $zero) {
            $reading ??= new Reading($case, $part, $field->key);
            $reading->take($entry->typed, $entry->places, $who);
            $reading->takenWith($entry->gauge, $zero ?? $this->holding($entry));
            if (null !== $entry->gauge && null !== $zero) {
                $this->entityManager->persist(new ZeroCheck($entry->gauge, $zero, $who));
            }
        }
        $reading->remark($entry->note);
        $this->keep($reading);
    }

    /**
     * One reading more at one place of a field, without a gauge: what a gauge said there stays as it is.
     *
     * @param list<string> $typed
     *
     * @throws ShopError if it was read there already
     */
    public function oneMore(CaseFile $case, string $part, Field $field, string $place, array $typed, Actor $who, string $note = ''): void
    {
        $reading = $this->readings->ofField($case, $part, $field->key) ?? new Reading($case, $part, $field->key);
        $there = $reading->typedAt($place);
        if ([] !== $there && ('' !== $reading->gaugeName || '' === $note)) {
            throw new ShopError(\sprintf(
                '%s%s was read already%s: %s. Readings are changed at the bench.',
                $field->name,
                '' === $place ? '' : ' at '.$place,
                '' === $reading->gaugeName ? '' : ' with '.$reading->gaugeName,
                implode('; ', $there),
            ), 409);
        }
        $places = $reading->places;
        if ('' !== $place || [] !== $places) {
            $places = [...array_pad($places, \count($reading->typed), ''), ...array_fill(0, \count($typed), $place)];
        }
        $reading->take([...$reading->typed, ...$typed], $places, $who);
        $reading->remark($reading->note.' '.$note);
        $this->keep($reading);
    }

    /** The zero check of the gauge that still holds, where none was typed. */
    private function holding(ReadingEntry $entry): string
    {
        return null === $entry->gauge ? $entry->zero : $this->zeros->holding()[(string) $entry->gauge->id]->typed ?? '';
    }

    private function keep(Reading $reading): void
    {
        $this->entityManager->persist($reading);
        $reading->case->moveTo(Stage::Parts);
        $this->entityManager->flush();
    }
}
