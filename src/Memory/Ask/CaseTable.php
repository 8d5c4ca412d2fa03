<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Account\OurShop;
use App\Platform\KeptForAWhile;
use App\Platform\Tool;
use App\Platform\WorkFolder;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** Cases as a table to take away: CSV, JSON, and a spreadsheet where the machine can make one of the CSV. */
final readonly class CaseTable
{
    private const MAKER = 'ssconvert';

    public function __construct(private OurShop $shop, private Tool $tool, private KeptForAWhile $kept)
    {
    }

    public function makesSheets(): bool
    {
        // Where it is not installed a shell is asked for it.
        return $this->kept->of([self::MAKER], static fn (): bool => null !== (new ExecutableFinder())->find(self::MAKER));
    }

    /** @return array<string, int|float|string|bool|null> */
    public function row(CaseRow $case): array
    {
        $money = static fn (?int $cents): ?string => null === $cents ? null : number_format($cents / 100, 2, '.', '');
        $currency = $this->shop->currency();

        return [
            'number' => $case->number, 'family' => $case->family, 'unit' => $case->name, 'model' => $case->model, 'serial' => $case->serial,
            'customer' => $case->customer, 'complaint' => $case->complains, 'comeback' => $case->isComeback,
            'taken in' => $case->takenAt->format('Y-m-d'), 'signed' => $case->signedAt?->format('Y-m-d'),
            'out' => $case->outAt?->format('Y-m-d'), 'stands' => $case->stands, 'with' => $case->holder, 'hours since new' => $case->hours,
            'worst grade' => $case->worst, 'found' => $case->found, 'claim' => $case->claim,
            'claimed '.$currency => $money($case->claimed), 'offered '.$currency => $money($case->offered), 'its user says' => $case->cure,
        ];
    }

    /** @param iterable<CaseRow> $cases */
    public function csv(iterable $cases): \Generator
    {
        $encoder = new CsvEncoder([CsvEncoder::ESCAPE_FORMULAS_KEY => true]);
        $isFirst = true;
        foreach ($cases as $case) {
            $row = array_map(static fn (mixed $one): mixed => \is_bool($one) ? ($one ? 'yes' : 'no') : $one, $this->row($case));
            yield $encoder->encode([$row], 'csv', [CsvEncoder::NO_HEADERS_KEY => !$isFirst]);
            $isFirst = false;
        }
    }

    /**
     * @param iterable<CaseRow> $cases
     *
     * @return string the file
     */
    public function sheet(iterable $cases): string
    {
        $made = '';
        WorkFolder::during(function (string $folder) use ($cases, &$made): void {
            $file = fopen($folder.'/cases.csv', 'w') ?: throw new \RuntimeException('The folder for the spreadsheet cannot be written.');
            foreach ($this->csv($cases) as $line) {
                fwrite($file, $line);
            }
            fclose($file);
            $this->tool->run([self::MAKER, $folder.'/cases.csv', $folder.'/cases.xlsx']);
            $made = (string) file_get_contents($folder.'/cases.xlsx');
        });

        return $made;
    }
}
