<?php

declare(strict_types=1);

namespace App\Identity;

use App\Books\BookShelf;
use App\Identity\Repository\InquiryRepository;
use App\Intake\CaseFile;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** What a report says of which unit it is. */
final readonly class IdentityText
{
    public function __construct(
        private BookShelf $shelf,
        private Telling $telling,
        private InquiryRepository $inquiries,
    ) {
    }

    /** @return array<string, string> what it is about => in words; none where nobody asked */
    public function of(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family);
        $told = $this->telling->of($case);
        $typed = array_filter($told->rows, static fn (FeatureRow $row): bool => null !== $row->typed);
        $text = [];
        foreach ($case->variants as $key => $chosen) {
            $choice = $book->identity->choices[$key] ?? null;
            if (null !== $choice) {
                $text[$choice->question] = ($choice->options[$chosen['is']] ?? $chosen['is'])
                    .('' === $chosen['because'] ? '' : ' (told by: '.$chosen['because'].')');
            }
        }
        if ([] !== $typed) {
            $text['Measured and seen to tell it'] = implode('; ', array_map(
                static fn (FeatureRow $row): string => $row->feature->name.' '.$row->value()?->typed,
                array_values($typed),
            ));
        }
        if ([] !== $typed && $told->speaksAgainstPlate()) {
            $text['Against the plate'] = \sprintf('It is told as %s, and taken in as %s.', $told->best()?->name(), $told->plate);
        }
        $moves = $told->moves;
        if (null !== $moves && $moves->isOff()) {
            $text['Displacement by its parts'] = \sprintf(
                '%.1f cm3/rev (measured: %s), against %s. %s',
                Quantity::si($moves->moves->x, Dimension::Displacement)->in('cm3/rev'),
                lcfirst(implode(', ', $moves->measured)),
                $case->displacement,
                $moves->look,
            );
        }
        foreach ($this->inquiries->ofCase($case) as $one) {
            $text['Asked of '.$one->ofWhom] = $one->asked.('' === $one->answer ? '; no answer yet' : ': '.$one->answer);
        }

        return $text;
    }
}
