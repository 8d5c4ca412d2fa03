<?php

declare(strict_types=1);

namespace Japhrex\Core\Memory\Ask;

/** One word of a line: bare, quoted, or joined to a name by a sign, as `grade>=3`; a dash before it turns it round. */
final readonly class AskToken
{
    private const ONE = '/\G\s*(?<all>(?<not>-)?(?:(?<name>[\p{L}][\p{L}\p{N}\/-]*)(?<sign>>=|<=|>|<|=|:))?'
        .'(?:"(?<quoted>[^"]*)"|(?<bare>[^\s"]*)))/u';

    private function __construct(
        public int $at,
        public string $typed,
        public bool $not,
        public string $name,
        public string $sign,
        public string $value,
        public bool $isQuoted,
        public bool $isGuessed = false,
    ) {
    }

    /**
     * @return list<self>
     *
     * @throws AskError if a quotation mark is not closed
     */
    public static function all(string $line): array
    {
        [$tokens, $from] = [[], 0];
        while (1 === preg_match(self::ONE, $line, $m, \PREG_UNMATCHED_AS_NULL, $from) && '' !== $m['all']) {
            $from += \strlen($m[0]);
            $at = mb_strlen(substr($line, 0, $from - \strlen($m['all'])));
            if ('"' === ($line[$from] ?? '')) {
                throw AskError::quoteLeftOpen(mb_strlen(substr($line, 0, $from)), mb_strlen($line));
            }
            $tokens[] = new self(
                $at,
                (string) $m['all'],
                null !== $m['not'],
                mb_strtolower($m['name'] ?? ''),
                $m['sign'] ?? '',
                trim($m['quoted'] ?? $m['bare'] ?? ''),
                null !== $m['quoted'],
            );
        }

        return $tokens;
    }

    /** @param non-empty-list<self> $tokens bare ones, as one word */
    public static function join(array $tokens): self
    {
        $words = static fn (string $of): string => implode(' ', array_column($tokens, $of));

        return 1 === \count($tokens)
            ? $tokens[0]
            : new self($tokens[0]->at, $words('typed'), $tokens[0]->not, '', '', $words('value'), false);
    }

    /** The same word, understood as the value of a field. */
    public function by(string $field): self
    {
        return new self($this->at, $this->typed, $this->not, $field, ':', $this->value, false, true);
    }

    /** @return list<string> parted by commas */
    public function values(): array
    {
        $values = $this->isQuoted ? [$this->value] : explode(',', $this->value);

        return array_values(array_filter(array_map(trim(...), $values), static fn (string $one): bool => '' !== $one));
    }

    public function compares(): bool
    {
        return \in_array($this->sign, ['>=', '<=', '>', '<'], true);
    }

    /** As `scored>=3`, `scored=2`. */
    public function tellsGrade(): bool
    {
        return $this->compares() || ('=' === $this->sign && 1 === preg_match('/^\d$/', $this->value));
    }

    public function isBare(): bool
    {
        return '' === $this->name && !$this->isQuoted;
    }
}
