<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\Actor;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Damage\Sense;

/** What others felt, heard or smelt of a part before the last one did: it stands beside that and is not overwritten. */
trait SensedByOthers
{
    #[ORM\Column(length: 80, options: ['default' => ''])]
    private string $sensedBy = '';

    /** @var list<array{who: string, at: string, senses: array<string, int>}> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    private array $sensedBefore = [];

    /**
     * Somebody has felt it, heard it or smelt it.
     *
     * @param array<string, int> $was what was known before, by sense
     */
    public function sensedAnew(array $was, Actor $who, \DateTimeImmutable $now): void
    {
        if ($was === $this->senses()) {
            return;
        }
        if ([] !== $was && $this->sensedBy !== $who->signsAs()) {
            $this->sensedBefore = [...$this->sensedBefore, ['who' => $this->sensedBy, 'at' => $now->format(\DATE_ATOM), 'senses' => $was]];
        }
        $this->sensedBy = $who->signsAs();
    }

    /** @return list<string> what each of the others felt: "bench 1: play by hand: knocks" */
    public function sensedByOthers(): array
    {
        return array_map(
            static fn (array $one): string => ('' === $one['who'] ? 'Before' : $one['who']).': '.self::inWords($one['senses']),
            $this->sensedBefore,
        );
    }

    /** @return array<string, int> of the senses those on which all who tried agree */
    public function agreedSenses(): array
    {
        $agreed = $this->senses();
        foreach ($this->sensedBefore as $one) {
            $agreed = array_filter(
                $agreed,
                static fn (int $grade, string $sense): bool => ($one['senses'][$sense] ?? $grade) === $grade,
                \ARRAY_FILTER_USE_BOTH,
            );
        }

        return $agreed;
    }

    /** @param array<string, int> $senses */
    private static function inWords(array $senses): string
    {
        $words = [];
        foreach ($senses as $name => $grade) {
            $sense = Sense::from($name);
            $words[] = lcfirst($sense->label()).': '.($sense->scale()[$grade] ?? $grade);
        }

        return implode('; ', $words);
    }
}
