<?php

declare(strict_types=1);

namespace Japhrex\Core\Laboratory;

use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\Data;

/** What laboratories read in fluids. */
final readonly class Laboratory
{
    /** @param array<string, Analyte> $analytes */
    private function __construct(public array $analytes)
    {
    }

    /**
     * @param array<mixed> $content of `books/laboratory/oil.yaml`
     *
     * @throws BookError naming the place that cannot be read
     */
    public static function of(array $content): self
    {
        $analytes = [];
        foreach ((new Data($content))->named('analytes') as $key => $one) {
            $analytes[$key] = Analyte::of($key, $one);
        }

        return new self($analytes);
    }

    public function called(string $name): ?Analyte
    {
        foreach ($this->analytes as $one) {
            if ($one->isCalled($name)) {
                return $one;
            }
        }

        return null;
    }

    /**
     * A table as a laboratory sends it: a line for each value, name and value between semicolons, commas or tabs; what
     * stands behind them is let be, and so are heads. Decimal commas where the columns are not parted by commas.
     *
     * @return array<string, string> name as it stands there, or key of the analyte => value
     *
     * @throws LabError if no line has a name and a value
     */
    public function table(string $csv): array
    {
        $values = [];
        foreach (preg_split('/\R/', $csv) ?: [] as $line) {
            $parted = str_contains($line, ';') ? ';' : (str_contains($line, "\t") ? "\t" : ',');
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), str_getcsv($line, $parted, '"', ''));
            [$name, $value] = [$cells[0] ?? '', $cells[1] ?? ''];
            if ('' !== $name && 1 === preg_match('~^[<\d*-][\d.,/*\s-]*$~', $value)) {
                $values[$this->called($name)->key ?? $name] = $value;
            }
        }

        return [] === $values ? throw LabError::noTable() : $values;
    }

    /**
     * @param array<string, string> $values by key of the analyte; other names are let be
     * @param array<string, string> $new the fresh fluid's, or the code that is wanted
     *
     * @return list<LabVerdict> in the order of the book; what cannot be read is left out
     */
    public function judge(array $values, array $new): array
    {
        $verdicts = [];
        foreach (array_intersect_key($this->analytes, $values) as $key => $analyte) {
            try {
                $verdicts[] = $analyte->judge($values[$key], $new[$key] ?? '');
            } catch (LabError) {
                continue;
            }
        }

        return $verdicts;
    }

    /**
     * What the values say of the fluid, as the engine knows it: true where one is worth a look or bad, false where all that
     * could say so are as they should be.
     *
     * @param list<LabVerdict> $verdicts
     *
     * @return array<string, bool>
     */
    public static function saysOf(array $verdicts): array
    {
        $says = [];
        foreach ($verdicts as $one) {
            foreach (array_filter([$one->analyte->above?->speaks, $one->analyte->below?->speaks]) as $what) {
                if (LabState::Open !== $one->state) {
                    $says[$what] = ($says[$what] ?? false) || $one->speaks === $what;
                }
            }
        }

        return $says;
    }
}
