<?php

declare(strict_types=1);

namespace App\Shop;

/** The trail as people read it: fields and values in words. What only the program needs stays in the trail and off the page. */
final class HistoryWords
{
    /** Found, drawn or counted by the program; what people did stands in other fields. */
    public const INSIDE = [
        'bytes', 'clockAhead', 'content', 'digest', 'drawn', 'expected', 'flowU', 'formula', 'gaps', 'hash', 'height', 'hints',
        'judged', 'nrOfRows', 'rowCount', 'picture', 'points', 'pdf', 'reportHash', 'ruler', 'seconds',
        'serialKey', 'sharesFor', 'snapshot', 'snapshotHash', 'spot', 'standard', 'subject', 'units', 'width',
    ];

    private const FIELDS = [
        'at' => 'taken at', 'atSpeed' => 'at which speed', 'byWhom' => 'by', 'withWhom' => 'with',
        'despite' => 'in spite of a limit, because', 'despiteBy' => 'reason given by', 'despiteFor' => 'what the limits said',
        'dispositionReason' => 'decided because', 'disposition' => 'what becomes of it', 'made' => 'made of', 'mode' => 'damage',
        'madeAt' => 'at', 'name' => 'called', 'nr' => 'number', 'ordinal' => 'number', 'says' => 'found',
        'typed' => 'as typed', 'underLoad' => 'under load', 'what' => 'what', 'why' => 'because', 'stands' => 'does it stand',
        'to' => 'to', 'from' => 'from', 'extent' => 'how many of them', 'watch' => 'to be asked after on',
        'order' => 'happened as number',
        'hangsOn' => 'hangs on', 'holdsFor' => 'holds for', 'own' => 'answers of their own',
        'earlierOriginDealt' => 'done about the earlier origin', 'goneAt' => 'went out', 'checks' => 'to check',
        'stop' => 'to stop at',
    ];

    public static function field(string $field): string
    {
        return self::FIELDS[$field] ?? mb_strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', ' ', $field));
    }

    /** @param string $text as it is stored, with names of people instead of their digests */
    public static function value(string $text): string
    {
        $data = 1 === preg_match('/^[\[{]/', $text) ? json_decode($text, true) : null;

        return \is_array($data) ? self::listed($data) : self::number((string) preg_replace('/^(\d{4}-\d\d-\d\d) 00:00:00$/', '$1', $text));
    }

    /** @param array<mixed> $data */
    private static function listed(array $data): string
    {
        $words = [];
        foreach ($data as $key => $one) {
            $word = match (true) {
                \is_array($one) => self::listed($one),
                \is_bool($one) => $one ? 'yes' : 'no',
                \is_scalar($one) => self::number((string) $one),
                default => '',
            };
            if ('' !== $word && 1 !== preg_match('/^[0-9a-f]{8}-[0-9a-f-]{27}$/', $word)) {
                $words[] = \is_int($key) ? $word : str_replace('-', ' ', self::field($key)).': '.$word;
            }
        }

        return implode('; ', $words);
    }

    /** No more digits than anybody has measured. */
    private static function number(string $text): string
    {
        return 1 === preg_match('/^-?\d+\.\d{5,}(E-?\d+)?$/', $text) ? (string) (float) \sprintf('%.4G', (float) $text) : $text;
    }
}
