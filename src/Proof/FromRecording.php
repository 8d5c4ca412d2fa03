<?php

declare(strict_types=1);

namespace App\Proof;

use App\Intake\CaseFile;
use App\Platform\StoredFiles;
use Japhrex\Core\Family\ProofRead;
use Japhrex\Core\Proof\Channel;
use Japhrex\Core\Proof\Recording;
use Japhrex\Core\Proof\RecordingError;
use Japhrex\Core\Proof\WorstSecond;
use Japhrex\Core\Quantity\Quantity;

/** What the last recording says of the readings of the proof: the worst second under the conditions that are asked. */
final readonly class FromRecording
{
    /** How what a stand shows is written. */
    private const WRITTEN = [
        'flow' => ['L/min', '%.1f L/min'],
        'pressure' => ['bar', '%.0f bar'],
        'temperature' => ['°C', '%.0f °C'],
        'speed' => ['rpm', '%.0f rpm'],
    ];

    public function __construct(private Stand $stand, private StoredFiles $stored)
    {
    }

    /**
     * @param list<ProofRow> $sheet
     *
     * @return array<string, array<int, RecordedValue>> step => reading => what the recording says of it
     */
    public function of(CaseFile $case, array $sheet): array
    {
        $last = $this->stand->recordingsOf($case)[0] ?? null;
        $asked = array_filter($sheet, static fn (ProofRow $row): bool => $row->asksAStand());
        if (null === $last || [] === $asked) {
            return [];
        }
        try {
            $recording = Recording::read((string) stream_get_contents($this->stored->open('recordings', $last->hash)));
        } catch (RecordingError) {
            return [];
        }
        $values = [];
        foreach ($asked as $row) {
            foreach ($row->item->reads as $i => $read) {
                $worst = [] === $read->at ? null : WorstSecond::of($recording, $read);
                if (null !== $worst) {
                    $values[$row->item->key][$i] = self::told($worst, $read, $last->name);
                }
            }
        }

        return $values;
    }

    private static function told(WorstSecond $worst, ProofRead $read, string $file): RecordedValue
    {
        $words = static fn (string $channel, float $si): string => \sprintf(
            self::WRITTEN[$channel][1],
            Quantity::si($si, Channel::from($channel)->dimension())->in(self::WRITTEN[$channel][0]),
        );
        $with = [];
        foreach ($worst->with as $channel => $si) {
            $with[] = $words($channel, $si);
        }

        return new RecordedValue(
            $words($read->channel, $worst->value),
            isset($worst->with['speed']) ? $words('speed', $worst->with['speed']) : '',
            $worst->at / 60,
            implode(', ', $with),
            $file,
        );
    }
}
