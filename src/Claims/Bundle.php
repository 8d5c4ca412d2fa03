<?php

declare(strict_types=1);

namespace App\Claims;

use App\Chain\ChainDrawing;
use App\Chain\Exchange\CaseDocument;
use App\Evidence\Photo;
use App\Measuring\ReadingsTable;
use App\Platform\StoredFiles;
use App\Verdict\Warranty\Custody;
use Japhrex\Core\Chain\Exchange\JsonForm;
use Japhrex\Core\Photo\PlaceTakenOut;
use Japhrex\Core\Verdict\Claim\ClaimLine;
use Japhrex\Core\Verdict\Policy\ClauseLine;
use Twig\Environment;

/**
 * Everything that a claim rests on, in one ZIP of open formats: the PDF, the claim as JSON, readings as CSV, the chain as JSON and SVG,
 * photos byte for byte as they came but for where they were taken, unless that is asked for, and SHA256SUMS over all of it, which
 * `sha256sum -c SHA256SUMS` checks.
 */
final readonly class Bundle
{
    public function __construct(
        private StoredFiles $stored,
        private ReadingsTable $readings,
        private CaseDocument $documents,
        private Claims $claims,
        private Environment $twig,
        private ChainDrawing $drawing,
    ) {
    }

    /**
     * @param list<Photo> $photos
     * @param string $pdf the claim as PDF
     * @param string $target where the ZIP is written
     * @param bool $withPlaces do the photos go out with where they were taken?
     */
    public function pack(Claim $claim, array $photos, string $pdf, string $target, bool $withPlaces = false): void
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($target, \ZipArchive::CREATE | \ZipArchive::EXCL)) {
            throw new \RuntimeException('The bundle could not be begun; there may be no room on the server.');
        }
        $sums = [];
        $names = [];
        $blanked = [];
        foreach ($photos as $i => $photo) {
            $name = \sprintf('photos/%02d-%s-%s.%s', $i + 1, $photo->part ?? 'unit', $photo->stage->value, $photo->picture->extension());
            $names[(string) $photo->id] = $name;
            $copy = $this->stored->copyOut('photos', $photo->picture->hash);
            $bytes = (string) file_get_contents($copy);
            unlink($copy);
            $without = $withPlaces ? null : PlaceTakenOut::of($bytes);
            $sums[$name] = $this->put($zip, $name, $without ?? $bytes);
            $blanked += null === $without ? [] : [(string) $photo->id => $sums[$name]];
        }
        $texts = [
            'claim.pdf' => (string) file_get_contents($pdf),
            'claim.json' => json_encode(
                $this->document($claim, $photos, $names, $blanked),
                \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
            )."\n",
            'readings.csv' => $this->readings->csv($claim->case),
            'chain.json' => JsonForm::write($this->documents->write($claim->case, $this->claims->about($claim)->about())),
            'chain.svg' => $this->twig->render(
                'chain/export.svg.twig',
                ['drawing' => $this->drawing->draw($claim->case, about: $this->claims->about($claim)->about())],
            ),
        ];
        foreach ($texts as $name => $text) {
            $sums[$name] = $this->put($zip, $name, $text);
        }
        ksort($sums);
        $this->put(
            $zip,
            'SHA256SUMS',
            implode('', array_map(static fn (string $name, string $sum): string => "$sum  $name\n", array_keys($sums), $sums)),
        );
        if (!$zip->close()) {
            throw new \RuntimeException('The bundle could not be written; there may be no room on the server.');
        }
    }

    /** Puts a file in and returns its SHA-256. Photos are packed already: nothing is gained by packing them again. */
    private function put(\ZipArchive $zip, string $name, string $bytes): string
    {
        $zip->addFromString($name, $bytes);
        $zip->setCompressionName($name, str_starts_with($name, 'photos/') ? \ZipArchive::CM_STORE : \ZipArchive::CM_DEFLATE);

        return hash('sha256', $bytes);
    }

    /**
     * @param list<Photo> $photos
     * @param array<string, string> $names
     * @param array<string, string> $blanked photo => digest of its file without the place where it was taken
     *
     * @return array<string, mixed>
     */
    private function document(Claim $claim, array $photos, array $names, array $blanked): array
    {
        $case = $claim->case;
        $judged = $this->claims->judged($claim);
        $sum = $this->claims->sum($claim);

        return [
            'format' => 'japhrex-claim', 'version' => 1, 'claim' => $claim->number(), 'case' => $case->number,
            'policy' => $claim->policy, 'to' => $claim->addressee, 'their-reference' => $claim->theirReference,
            'unit' => [
                'maker' => $case->maker,
                'model' => $case->model,
                'serial' => $case->serial,
                'tag' => $case->tag,
                'service-since-new' => $case->serviceSinceNew,
                'service-since-repair' => $case->serviceSinceRepair,
            ],
            'statement' => $claim->statement,
            'clauses' => array_map(
                static fn (ClauseLine $line): array => [
                    'clause' => $line->clause,
                    'standing' => $line->standing->value,
                    'fact' => $line->fact,
                    'answer' => $claim->answers[$line->proof->value ?? ''] ?? '',
                ],
                $judged->lines ?? [],
            ),
            'costs' => array_map(
                static fn (ClaimLine $line): array => [
                    'of' => $line->cover->value,
                    'amount' => $line->amount->format(),
                    'paid-by-policy' => $line->paid,
                ],
                $sum->lines ?? [],
            ),
            'deductible' => $sum?->deductible?->format(), 'claimed' => $sum?->total->format(),
            'photos' => array_map(
                static fn (Photo $photo): array => [
                    'file' => $names[(string) $photo->id],
                    'as-it-came' => $photo->originalName,
                    'part' => $photo->part,
                    'caption' => $photo->caption,
                    'taken' => $photo->takenAt()?->format(\DATE_ATOM),
                    'sha256' => $photo->picture->hash,
                ] + (isset($blanked[(string) $photo->id]) ? ['without-the-place-sha256' => $blanked[(string) $photo->id]] : []),
                $photos,
            ),
            'parts' => array_map(
                static fn (array $entries): array => array_map(
                    static fn (Custody $one): array => [
                        'what' => $one->what->value,
                        'day' => $one->day->format('Y-m-d'),
                        'place' => $one->place,
                        'by' => $one->byWhom,
                    ],
                    $entries,
                ),
                $this->claims->parts($case),
            ),
        ];
    }
}
