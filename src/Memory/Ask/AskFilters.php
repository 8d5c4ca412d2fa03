<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Books\BookShelf;
use Japhrex\Core\Memory\Ask\AskError;
use Japhrex\Core\Memory\Ask\AskField;
use Japhrex\Core\Memory\Ask\Keyed;
use Japhrex\Core\Memory\Ask\WordKind;

/** What may be tapped instead of typed. */
final readonly class AskFilters
{
    public function __construct(private AskShelf $shelf, private BookShelf $books)
    {
    }

    /**
     * Parts and complaints are those of the one family that a line asks for, or of all; of all too where the line cannot be read.
     *
     * @return array<string, array{string, array<array-key, string>}> field => what it is called, and key => name
     */
    public function for(string $line): array
    {
        $words = $this->shelf->words();
        $all = static function (WordKind $kind) use ($words): array {
            $names = array_map(static fn (array $one): string => $one[0], $words->words[$kind->value]);
            asort($names, \SORT_FLAG_CASE | \SORT_STRING);

            return $names;
        };
        $family = $this->family($line);
        [$parts, $complaints] = [$all(WordKind::Part), $all(WordKind::Complaint)];
        if (null !== $family) {
            $book = $this->books->book($family);
            $parts = array_map(static fn ($part): string => $part->name, $book->parts);
            $complaints = array_map(static fn ($complaint): string => $complaint->name, $book->complaints);
        }

        return [
            'family' => ['Family', $all(WordKind::Family)],
            'part' => ['Part', $parts],
            'damage' => ['Damage', $all(WordKind::Mode)],
            'grade' => ['Grade at least', ['1' => '1', '2' => '2', '3' => '3', '4' => '4']],
            'complaint' => ['Complaint', $complaints],
            'when' => ['When', AskField::When->choices()],
            'reading' => ['Outside its limit', $all(WordKind::Reading)],
            'origin' => ['Origin', $all(WordKind::Origin)],
            'carries' => ['Carried by', AskField::Who->choices()],
            'waits' => ['Waits', AskField::Waits->choices()],
            'claim' => ['Claim', AskField::Claim->choices()],
            'repair' => ['Repair', AskField::Repair->choices()],
            'cure' => ['Its user says', AskField::Cure->choices()],
            'is' => ['It is', AskField::Is->choices()],
        ];
    }

    private function family(string $line): ?string
    {
        try {
            $terms = $this->shelf->reader()->read($line)->terms;
        } catch (AskError) {
            return null;
        }
        foreach ($terms as $term) {
            if ($term->is instanceof Keyed && AskField::Family === $term->is->field && 1 === \count($term->is->keys) && !$term->not) {
                return $term->is->keys[0];
            }
        }

        return null;
    }
}
