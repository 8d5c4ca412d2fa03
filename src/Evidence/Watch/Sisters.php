<?php

declare(strict_types=1);

namespace App\Evidence\Watch;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Repository\CaseFileRepository;

/** One diagnosis serves the fleet: which families share a weak place, and which of their units stand here open. */
final readonly class Sisters
{
    public function __construct(private BookShelf $shelf, private CaseFileRepository $cases)
    {
    }

    /**
     * @param list<string> $shared keys of books, or of the file that describes several types
     *
     * @return list<Sister>
     */
    public function of(CaseFile $case, array $shared): array
    {
        $keys = array_values(array_filter($this->shelf->keys(), static function (string $key) use ($shared): bool {
            return [] !== array_filter($shared, static fn (string $one): bool => $key === $one || str_starts_with($key, $one.'-'));
        }));
        $open = array_fill_keys($keys, []);
        foreach ([] === $keys ? [] : $this->cases->openOf($keys, $case) as $other) {
            $open[$other->family][] = $other->number;
        }

        return array_map(
            fn (string $key): Sister => new Sister($this->shelf->book($key)->title, $open[$key]),
            $keys,
        );
    }
}
