<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Account\User;
use App\Intake\Stage;
use App\Memory\Remember;
use App\Memory\Repository\AskRepository;
use Japhrex\Core\Memory\Ask\Ask;
use Japhrex\Core\Memory\Ask\AskError;
use Japhrex\Core\Memory\Ask\AskField;
use Japhrex\Core\Memory\Ask\WordKind;

/** Asks a line of the memory of the shop. */
final readonly class AskedPage
{
    public const ROWS = 25;

    public function __construct(private AskShelf $shelf, private AskRepository $memory, private Remember $remember)
    {
    }

    /** @param bool $isParted is it told into what those that are found part? */
    public function ask(string $line, AskSort $sort, int $page, ?User $who, bool $isParted = true): Asked
    {
        $this->remember->due();
        try {
            $ask = $this->shelf->reader()->read($line);
        } catch (AskError $error) {
            return new Asked($line, null, $error, $sort);
        }
        $sql = new AskSql($ask, $who);
        $from = ($page - 1) * self::ROWS;
        [$count, $groups, $rows] = $this->memory->found($sql, $sort, $from, self::ROWS, $isParted);
        $isNear = false;
        if (0 === $count && [] !== $ask->terms) {
            $this->memory->takeNearWords();
            $near = new AskSql($ask, $who, true);
            [$count, $groups, $rows] = $this->memory->found($near, $sort, $from, self::ROWS, $isParted);
            $isNear = $count > 0;
        }

        return new Asked(
            $line, $ask, null, $sort, $rows, $count, $page, (int) max(1, ceil($count / self::ROWS)), $isNear, $this->facets($ask, $groups),
            $this->memory->waiting(),
        );
    }

    /** @throws AskError */
    public function sql(string $line, ?User $who): AskSql
    {
        $this->remember->due();

        return new AskSql($this->shelf->reader()->read($line), $who);
    }

    public function count(AskSql $sql): int
    {
        return $this->memory->count($sql);
    }

    /**
     * @param array<string, list<array{string, int}>> $groups
     *
     * @return array<string, list<Facet>> by term of the line; what the line asks for already is left out
     */
    private function facets(Ask $ask, array $groups): array
    {
        $words = $this->shelf->words();
        $asked = [];
        foreach ($ask->terms as $term) {
            $asked[explode(':', str_replace('=', ':', $term->typed))[0]] = true;
        }
        $facets = [];
        foreach ($groups as $of => $counts) {
            if (isset($asked[$of]) || \count($counts) < 2) {
                continue;
            }
            foreach ($counts as [$is, $n]) {
                $name = match ($of) {
                    'family' => $words->name(WordKind::Family, $is),
                    'origin' => $words->name(WordKind::Origin, $is),
                    'waits' => Stage::tryFrom($is)?->label() ?? ucfirst(AskField::Waits->choices()[$is] ?? $is),
                    default => $is,
                };
                $facets[$of][] = new Facet($name, $of.':'.self::quoted($is), $n);
            }
        }

        return $facets;
    }

    private static function quoted(string $value): string
    {
        return preg_match('/[\s,"]/', $value) ? '"'.str_replace('"', '', $value).'"' : $value;
    }
}
