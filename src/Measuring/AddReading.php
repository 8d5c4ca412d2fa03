<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Intake\CaseFile;
use App\Intake\Stage;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Field;

/** One reading more at one place of a field, from a phone or out of a picture: what a gauge said there stays as it is. */
final readonly class AddReading
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    /**
     * @param string $which key of the field, with its place behind an @ where it has several
     *
     * @return array{Field, string} the field and its place; empty: it has one spot
     */
    public static function at(?\Japhrex\Core\Family\Part $part, string $which): array
    {
        [$key, $place] = explode('@', $which, 2) + [1 => ''];
        $field = $part->fields[$key] ?? throw new ShopError('Which reading is it?', 422);
        if ([] !== $field->positions() && !\in_array($place, $field->positions(), true)) {
            throw new ShopError(\sprintf('%s is read at %s: at which of them is this?', $field->name, implode(', ', $field->positions())), 422);
        }

        return [$field, [] === $field->positions() ? '' : $place];
    }

    /**
     * @param list<string> $typed
     *
     * @throws ShopError if it was read there already
     */
    public function take(CaseFile $case, string $part, Field $field, string $place, array $typed, string $byWhom, string $note = ''): void
    {
        $reading = $this->em->getRepository(Reading::class)->findOneBy(['case' => $case, 'part' => $part, 'field' => $field->key]) ?? new Reading($case, $part, $field->key);
        $there = array_filter($reading->typed, static fn (string $one, int $i): bool => '' === $place || ($reading->places[$i] ?? '') === $place, \ARRAY_FILTER_USE_BOTH);
        if ([] !== $there && ('' !== $reading->gaugeName || '' === $note)) {
            throw new ShopError(\sprintf('%s%s was read already%s: %s. Readings are changed at the bench.', $field->name, '' === $place ? '' : ' at '.$place, '' === $reading->gaugeName ? '' : ' with '.$reading->gaugeName, implode('; ', $there)), 409);
        }
        if ('' !== $place || [] !== $reading->places) {
            $reading->places = [...array_pad($reading->places, \count($reading->typed), ''), ...array_fill(0, \count($typed), $place)];
        }
        $reading->typed = [...$reading->typed, ...$typed];
        $reading->note = mb_substr(trim($reading->note.' '.$note), 0, 300);
        [$reading->byWhom, $reading->at] = [mb_substr($byWhom, 0, 80), new \DateTimeImmutable()];
        $this->em->persist($reading);
        $case->moveTo(Stage::Parts);
        $this->em->flush();
    }
}
