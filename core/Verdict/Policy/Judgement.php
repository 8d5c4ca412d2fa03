<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Policy;

/** What a policy says of a case, line by line. */
final readonly class Judgement
{
    /**
     * @param Edition|null $edition that is in force for the unit; null: none, or not known which
     * @param list<ClauseLine> $lines
     */
    public function __construct(public Policy $policy, public ?Edition $edition, public array $lines)
    {
    }

    /** One clause that says no is enough; one that is open leaves all of it open. */
    public function standing(): Standing
    {
        $said = array_map(static fn (ClauseLine $line): Standing => $line->standing, $this->lines);

        return match (true) {
            \in_array(Standing::NotCovered, $said, true) => Standing::NotCovered,
            \in_array(Standing::Open, $said, true) => Standing::Open,
            default => Standing::Covered,
        };
    }

    /** @return list<string> what would have to be known or brought */
    public function missing(): array
    {
        return array_values(
            array_map(
                static fn (ClauseLine $line): string => $line->fact,
                array_filter($this->lines, static fn (ClauseLine $line): bool => Standing::Open === $line->standing),
            )
        );
    }

    /**
     * Evidence that is asked for and is not there, and that nobody has answered otherwise.
     *
     * @param array<string, string> $answers proof => where it is, or how it is shown
     *
     * @return list<string>
     */
    public function unproved(array $answers): array
    {
        $missing = [];
        foreach ($this->lines as $line) {
            if (null !== $line->proof && Standing::Covered !== $line->standing && '' === trim($answers[$line->proof->value] ?? '')) {
                $missing[] = $line->proof->label();
            }
        }

        return $missing;
    }
}
