<?php

declare(strict_types=1);

namespace App\Account\Undo;

use Symfony\Component\Uid\Uuid;

/** What one act did to one row. */
final readonly class Change
{
    /** @param array<string, array{scalar|null, scalar|null}> $fields as the database holds them: before, after */
    public function __construct(public Done $done, public string $table, public Uuid $id, public array $fields)
    {
    }

    /** @param array{string, string, string, array<string, array{scalar|null, scalar|null}>} $kept */
    public static function of(array $kept): self
    {
        return new self(Done::from($kept[0]), $kept[1], Uuid::fromString($kept[2]), $kept[3]);
    }

    /** @return array{string, string, string, array<string, array{scalar|null, scalar|null}>} */
    public function kept(): array
    {
        return [$this->done->value, $this->table, (string) $this->id, $this->fields];
    }

    /** The act that takes this one back. */
    public function reversed(): self
    {
        $done = match ($this->done) {
            Done::Added => Done::Removed,
            Done::Changed => Done::Changed,
            Done::Removed => Done::Added,
        };

        return new self($done, $this->table, $this->id, array_map(array_reverse(...), $this->fields));
    }

    /** @return array<string, scalar|null> what stands in the fields once it is done */
    public function after(): array
    {
        return array_map(static fn (array $pair): string|int|float|bool|null => $pair[1], $this->fields);
    }

    /** Do both touch the same, so that the later stands in the way of the earlier? */
    public function meets(self $later): bool
    {
        return $this->id->equals($later->id)
            && (
                Done::Changed !== $this->done || Done::Changed !== $later->done
                    || [] !== array_intersect_key($this->fields, $later->fields)
            );
    }
}
