<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Memory\Repository\NameRepository;
use Japhrex\Core\Memory\Ask\AskField;
use Japhrex\Core\Memory\Ask\WordKind;

/** What the last word of a line may become, as it is typed. */
final readonly class Completions
{
    private const MOST = 8;

    private const LAST = '/^(?<before>(?:[^\s"]*"[^"]*"|[^\s"]+|\s+)*?)(?<not>-?)(?:(?<name>[\p{L}-]+)(?<sign>[:=]))?"?'
        .'(?<last>[^\s"]*|(?<=")[^"]*)$/u';

    private const OF_FIELD = [
        'family' => WordKind::Family, 'part' => WordKind::Part, 'surface' => WordKind::Surface, 'damage' => WordKind::Mode,
        'reading' => WordKind::Reading, 'complaint' => WordKind::Complaint, 'origin' => WordKind::Origin, 'clean' => WordKind::Part,
    ];

    /** What a bare word is tried for, and whose words are so many that they are offered only after their field. */
    private const BARE = [WordKind::Family, WordKind::Mode, WordKind::Part, WordKind::Complaint];

    public function __construct(private AskShelf $shelf, private NameRepository $names)
    {
    }

    /** @return list<Completion> the likeliest first */
    public function of(string $line): array
    {
        if (1 !== preg_match(self::LAST, $line, $m)) {
            return [];
        }
        $begin = $m['before'].$m['not'];
        $last = mb_strtolower($m['last']);
        if ('' !== $m['name']) {
            return $this->after($begin, mb_strtolower($m['name']), $m['sign'], $last);
        }

        return mb_strlen($last) < 2 ? [] : \array_slice([...$this->fields($begin, $last), ...$this->bare($begin, $last)], 0, self::MOST);
    }

    /** @return list<Completion> */
    private function after(string $begin, string $name, string $sign, string $last): array
    {
        $make = static fn (string $word, string $means): Completion => new Completion(
            $begin.$name.$sign.(preg_match('/[\s,]/', $word) ? '"'.$word.'"' : $word).' ', $word, $means,
        );
        $names = $this->names->with($name, $last, self::MOST);
        if (null !== $names) {
            return array_map(static fn (string $one): Completion => $make($one, ''), $names);
        }
        $kind = self::OF_FIELD[$name] ?? null;
        if (null !== $kind) {
            $words = $this->shelf->words();
            $keys = '' === $last
                ? \array_slice(array_map(strval(...), array_keys($words->words[$kind->value])), 0, self::MOST)
                : $words->near($kind, $last, self::MOST);

            return array_map(static fn (string $key): Completion => $make($key, $words->name($kind, $key)), $keys);
        }
        $choices = array_filter(
            AskField::tryFrom($name)?->choices() ?? [],
            static fn (string $key): bool => str_starts_with($key, $last),
            \ARRAY_FILTER_USE_KEY,
        );

        return array_map($make, array_map(strval(...), array_keys($choices)), array_values($choices));
    }

    /** @return list<Completion> */
    private function fields(string $begin, string $last): array
    {
        $fields = array_filter(AskField::cases(), static fn (AskField $one): bool => str_starts_with($one->value, $last));

        return array_values(array_map(
            static fn (AskField $one): Completion => new Completion($begin.$one->value.':', $one->value.':', 'as '.$one->example()),
            $fields,
        ));
    }

    /** @return list<Completion> */
    private function bare(string $begin, string $last): array
    {
        $words = $this->shelf->words();
        $found = [];
        foreach (self::BARE as $kind) {
            foreach ($words->near($kind, $last, 4) as $key) {
                if (str_contains($key, $last) || str_contains(mb_strtolower(implode(' ', $words->words[$kind->value][$key])), $last)) {
                    $found[] = new Completion($begin.$key.' ', $key, $words->name($kind, $key));
                }
            }
        }

        return $found;
    }
}
