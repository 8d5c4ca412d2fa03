<?php

declare(strict_types=1);

namespace App\Memory\Alike;

use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\Repository\CaseFileRepository;
use App\Memory\Ask\CaseRow;
use App\Memory\Remember;
use App\Memory\Repository\AlikeRepository;
use Japhrex\Core\Memory\Likeness\Likeness;
use Japhrex\Core\Memory\Likeness\Traits;

/** Closed cases like the one in hand. They are shown beside it, and no verdict is made of them. */
final readonly class AlikeCases
{
    /** So many that share what is rare are compared whole. */
    private const COMPARED = 80;

    /** What is less alike than this is not shown. */
    private const LEAST = 0.05;

    private const SAID = 5;

    public function __construct(
        private AlikeRepository $memory,
        private TraitWords $words,
        private Remember $remember,
        private BookShelf $shelf,
        private CaseFileRepository $cases,
    ) {
    }

    /**
     * @param string|null $part only by what was found on it and complained of; null: by all
     *
     * @return list<AlikeCase> the likest first
     */
    public function like(CaseFile $case, int $most, ?string $part = null): array
    {
        $this->remember->due();
        [$mine, $rarity] = $this->memory->traits($case);
        $mine = null === $part ? $mine : self::ofPart($mine, $part);
        if ([] === $mine->weights || (null !== $part && [] === preg_grep('/^find:/', array_keys($mine->weights)))) {
            return [];
        }
        $likeness = new Likeness($rarity);
        $others = $this->memory->sharing($mine, $rarity, $case, self::COMPARED);
        if (null !== $part) {
            $others = array_map(static fn (Traits $one): Traits => self::ofPart($one, $part), $others);
        }
        $near = array_filter(
            array_map(static fn (Traits $one): float => $likeness->between($mine, $one), $others),
            static fn (float $one): bool => $one >= self::LEAST,
        );
        arsort($near);
        $near = \array_slice($near, 0, $most);
        $book = $this->shelf->book($case->family, $case->is());
        $back = $this->cases->cameInAgain(array_keys($near));

        return array_map(
            fn (CaseRow $one): AlikeCase => new AlikeCase(
                $one, $near[$one->id], $this->words->of($likeness->shared($mine, $others[$one->id]), $book, self::SAID),
                self::became($one, $back),
            ),
            $this->memory->rows(array_keys($near)),
        );
    }

    /** @param array<string, string> $back */
    private static function became(CaseRow $one, array $back): string
    {
        return match (true) {
            isset($back[$one->id]) => 'came in again as '.$back[$one->id],
            'well' === $one->cure => 'runs well, says its user',
            'but' === $one->cure => 'runs, with a remark of its user',
            'failed' === $one->cure => 'failed again, says its user',
            null !== $one->outAt => 'went out '.$one->outAt->format('M Y').' and has not come back',
            default => 'has not gone out',
        };
    }

    private static function ofPart(Traits $traits, string $part): Traits
    {
        $own = '~^(find|surface|clean|reading):'.preg_quote($part, '~').'(?=[:/]|$)|^complaint:~';

        return new Traits(array_filter(
            $traits->weights,
            static fn (string $trait): bool => 1 === preg_match($own, $trait),
            \ARRAY_FILTER_USE_KEY,
        ));
    }
}
