<?php

declare(strict_types=1);

namespace App\Exchange\Bag;

use App\Account\OurShop;
use App\Chain\Exchange\CaseDocument;
use App\Intake\CaseFile;
use App\Measuring\ReadingsTable;
use App\Platform\StoredFiles;
use App\Verdict\Signing;
use App\Verdict\Snapshot;
use App\Verdict\Verdict;
use Japhrex\Core\Chain\Exchange\GraphForms;
use Japhrex\Core\Chain\Exchange\JsonForm;

/**
 * A whole case as files that other programs read: the document that is signed, photos with their marks, readings, chain and report, and
 * bundle.json, which says what each of them is (docs/formats/case-bundle.schema.json).
 */
final readonly class PackedCase
{
    public const FORMAT = 'japhrex-case';
    public const VERSION = 1;
    public const ABOUT = 'bundle.json';
    public const DOCUMENT = 'case.json';

    public function __construct(
        private OurShop $shop,
        private Signing $signing,
        private Snapshot $snapshot,
        private PackedPictures $pictures,
        private ReportToPack $reports,
        private ReadingsTable $readings,
        private CaseDocument $chains,
        private StoredFiles $stored,
    ) {
    }

    /**
     * @param string $folder in which what is made for it may lie until it is packed
     *
     * @return array<string, string> files by path in the bag, below data/
     */
    public function files(CaseFile $case, bool $withPlaces, string $folder, BagOut $for): array
    {
        $verdict = $this->signing->current($case);
        $photos = $this->pictures->photos($case, $withPlaces, $folder);
        $clips = $this->pictures->clips($case, $withPlaces, $folder);
        $report = $this->reports->of($case, $verdict, $for);
        $chain = $this->chains->write($case);
        $texts = [
            self::DOCUMENT => self::json($verdict->snapshot() ?? $this->snapshot->take($case, $verdict)),
            self::ABOUT => self::json([
                'format' => self::FORMAT, 'version' => self::VERSION, 'from' => $this->shop->name(), 'case' => $case->number,
                'family' => $case->family,
                'unit' => ['maker' => $case->maker, 'model' => $case->model, 'serial' => $case->serial, 'tag' => $case->tag],
                'taken-in' => $case->madeAt->format(\DATE_ATOM),
                'signed' => self::signed($verdict),
                'photos' => $photos->about,
                'clips' => $clips->about,
                'report' => null === $report ? null : 'report.pdf',
            ]),
            'readings.csv' => $this->readings->csv($case),
            'chain.json' => JsonForm::write($chain),
            'chain.graphml' => GraphForms::graphMl($chain),
        ];
        $files = $photos->files + $clips->files;
        foreach ($texts as $name => $text) {
            file_put_contents($files[$name] = $folder.'/'.$name, $text);
        }
        if (null !== $report) {
            rename($this->stored->copyOut('reports', $report), $files['report.pdf'] = $folder.'/report.pdf');
        }

        return $files;
    }

    /** @return array<string, string> elements of bag-info.txt */
    public function info(CaseFile $case): array
    {
        return [
            'Source-Organization' => $this->shop->name(),
            'External-Identifier' => $case->number,
            'External-Description' => trim($case->maker.' '.$case->model).('' === $case->serial ? '' : ', serial '.$case->serial),
        ];
    }

    /** @return array<string, int|string>|null null: it is not signed */
    private static function signed(Verdict $verdict): ?array
    {
        return !$verdict->isSigned() ? null : [
            'revision' => $verdict->revision, 'digest' => (string) $verdict->snapshotHash,
            'first' => $verdict->signedAs, 'first-at' => (string) $verdict->signedAt?->format(\DATE_ATOM),
            'second' => $verdict->secondAs, 'second-at' => (string) $verdict->secondAt?->format(\DATE_ATOM),
        ];
    }

    /** @param array<mixed> $content */
    public static function json(array $content): string
    {
        return json_encode(
            $content,
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION,
        )."\n";
    }
}
