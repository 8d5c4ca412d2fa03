<?php

declare(strict_types=1);

namespace App\Figures;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Measuring\CaseMeasures;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\FigureUse;
use Japhrex\Core\Figure\Claim;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\Fill\Fill;
use Japhrex\Core\Figure\Fill\Filler;
use Japhrex\Core\Figure\Result;

/** Figures in a case: filled from its readings and the book, and kept with it as evidence. */
final readonly class CaseFigures
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BookShelf $shelf,
        private CaseMeasures $measures,
        private Filler $filler,
    ) {
    }

    /**
     * What a figure is filled with at a part.
     *
     * @return FilledFigure by key; from: where each comes from, in words
     */
    public function filled(CaseFile $case, string $part, string $figure): FilledFigure
    {
        $fill = $this->fill($case, $part, $figure);
        if (null === $fill) {
            return new FilledFigure([], []);
        }
        $sources = $this->measures->sources($case);
        $from = [];
        foreach ($fill->keys as $key => $text) {
            $names = array_map(
                static fn (string $reference): string => $sources->known($reference)->name ?? 'not measured yet: '.$reference,
                (new Fill($figure, [$key => $text]))->references(),
            );
            $from[$key] = [] === $names ? 'the book' : implode(', ', $names);
        }

        return new FilledFigure($this->filler->typed($fill, $sources), $from);
    }

    /**
     * @param string $claim what somebody told of it; empty: nothing
     *
     * @throws FigureError if that is nothing that the figure gives
     */
    public function keep(CaseFile $case, string $part, Asked $asked, string $remark, Actor $who, string $claim = ''): KeptFigure
    {
        $kept = new KeptFigure(
            $case, $part, $asked->card->name, $asked->card->version, $asked->card->question, $asked->typed,
            array_map(static fn (Result $result): array => $result->asData(), $asked->outcome?->results() ?? []),
            $asked->outcome?->notes() ?? [], $remark, $who,
        );
        if ('' !== $claim && null !== $asked->outcome) {
            $kept->against($claim, Claim::of($claim, $asked->outcome)->says());
        }
        $this->entityManager->persist($kept);
        $this->entityManager->flush();

        return $kept;
    }

    private function fill(CaseFile $case, string $part, string $figure): ?Fill
    {
        $known = $this->shelf->book($case->family, $case->is())->part($part);
        $uses = array_map(static fn (FigureUse $use): Fill => $use->fill, $known->figures ?? []);
        foreach ($known->fields ?? [] as $field) {
            if (null !== $field->from) {
                $uses[] = $field->from;
            }
        }
        foreach ($uses as $fill) {
            if ($fill->figure === $figure) {
                return $fill;
            }
        }

        return null;
    }
}
