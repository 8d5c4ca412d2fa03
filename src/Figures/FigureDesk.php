<?php

declare(strict_types=1);

namespace App\Figures;

use Japhrex\Core\Figure\Card;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Figure\Input\MayBeBlank;
use Japhrex\Core\Figure\Key;

/** Asks a figure with whatever is typed so far. */
final readonly class FigureDesk
{
    public function __construct(private FigureRegistry $registry)
    {
    }

    /** @return array<string, list<Card>> by group */
    public function cards(): array
    {
        return $this->registry->byGroup();
    }

    public function card(string $name): ?Card
    {
        return $this->registry->has($name) ? $this->registry->card($name) : null;
    }

    /** @param array<mixed> $fields of the form or the address */
    public function ask(Card $card, array $fields): Asked
    {
        $typed = [];
        foreach ($fields as $name => $text) {
            if (\is_string($text) && '' !== trim($text)) {
                $typed[(string) $name] = mb_substr(mb_scrub($text), 0, 20000);
            }
        }
        if ([] === $typed) {
            return new Asked($card, [], [], $this->missing($card, []), null, null);
        }
        $missing = $this->missing($card, $typed);
        $errors = $this->registry->reader($card->name)->errors($typed);
        if ([] !== $errors || [] !== $missing) {
            return new Asked($card, $typed, $errors, $missing, null, null);
        }
        try {
            [$inputs, $outcome] = $this->registry->compute($card->name, $typed + $this->blanks($card));

            return new Asked($card, $typed, [], [], $inputs, $outcome);
        } catch (FigureError $error) {
            return new Asked($card, $typed, [(string) $error->key => $error->getMessage()], [], null, null);
        }
    }

    /**
     * @param array<string, string> $typed
     *
     * @return list<string>
     */
    private function missing(Card $card, array $typed): array
    {
        $missing = [];
        foreach ($card->keys as $key) {
            if ($key->isRequired() && !isset($typed[$key->name]) && !self::mayBeBlank($key)) {
                $missing[] = $key->name;
            }
        }

        return $missing;
    }

    /** @return array<string, string> */
    private function blanks(Card $card): array
    {
        $blank = array_filter($card->keys, static fn (Key $key): bool => $key->isRequired() && self::mayBeBlank($key));

        return array_fill_keys(array_map(static fn (Key $key): string => $key->name, $blank), '');
    }

    private static function mayBeBlank(Key $key): bool
    {
        return $key->takes instanceof MayBeBlank && $key->takes->mayBeBlank();
    }
}
