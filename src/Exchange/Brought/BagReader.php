<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

use App\Evidence\NotAPicture;
use App\Evidence\PictureTool;
use App\Exchange\Bag\PackedCase;
use App\Platform\ShopError;
use App\Verdict\Snapshot;
use Japhrex\Core\Exchange\Bag;
use Japhrex\Core\Exchange\BagError;
use Japhrex\Core\Photo\CodedPicture;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Opens what another shop sent, and believes none of it that it can work out itself. */
final readonly class BagReader
{
    /** Files that each such bag has. */
    private const ALWAYS = [PackedCase::ABOUT, PackedCase::DOCUMENT, 'readings.csv', 'chain.json', 'chain.graphml'];

    public function __construct(
        private PictureTool $pictures,
        #[Autowire('%kernel.project_dir%/docs/formats/case-bundle.schema.json')] private string $schema,
    ) {
    }

    /**
     * @param string $folder of work, in which the files lie afterwards
     *
     * @return non-empty-list<OpenedBag>
     *
     * @throws ShopError naming the bag, the file and what is wrong with it
     */
    public function open(string $zip, string $folder): array
    {
        $bags = [];
        foreach ((new UnpackedZip($zip, $folder))->bags as $name => $files) {
            try {
                $bags[] = $this->bag($files);
            } catch (BagError|NotAPicture $error) {
                throw new ShopError(\sprintf('%s was not taken in. %s', $name, $error->getMessage()), 422, $error);
            }
        }

        return [] === $bags ? throw new ShopError('There is nothing in it.', 422) : $bags;
    }

    /**
     * @param array<string, string> $files
     *
     * @throws BagError|NotAPicture
     */
    private function bag(array $files): OpenedBag
    {
        $texts = $payload = $digests = [];
        $bytes = 0;
        foreach ($files as $path => $file) {
            if (str_starts_with($path, 'data/')) {
                $payload[substr($path, 5)] = $file;
                $digests[$path] = (string) hash_file('sha256', $file);
                $bytes += (int) filesize($file);
            } else {
                $texts[$path] = (string) file_get_contents($file);
            }
        }
        $info = Bag::check($texts, $digests, $bytes);
        $digests = array_combine(array_map(static fn (string $path): string => substr($path, 5), array_keys($digests)), $digests);
        $about = new AboutCase($this->about($payload));
        foreach ([...self::ALWAYS, ...$about->paths()] as $path) {
            isset($payload[$path]) || throw BagError::missing('data/'.$path);
        }
        foreach (array_diff(array_keys($payload), self::ALWAYS, $about->paths()) as $path) {
            throw BagError::unknown('data/'.$path);
        }
        self::mustBeSigned($about, (string) file_get_contents($payload[PackedCase::DOCUMENT]));
        foreach ([...$about->photos, ...$about->clips] as $picture) {
            $this->mustBeWhole($picture, $payload[$picture->file], $digests[$picture->file]);
        }

        return new OpenedBag($about, array_diff_key($info, ['Bagging-Date' => 1, 'Payload-Oxum' => 1]), $payload, $digests, $bytes);
    }

    /**
     * @param array<string, string> $payload
     *
     * @throws BagError
     */
    private function about(array $payload): \stdClass
    {
        $text = (string) file_get_contents($payload[PackedCase::ABOUT] ?? throw BagError::missing('data/'.PackedCase::ABOUT));
        $said = json_decode($text);
        $schema = json_decode((string) file_get_contents($this->schema));
        if (!$said instanceof \stdClass || !$schema instanceof \stdClass) {
            throw BagError::unread(PackedCase::ABOUT, 'it is no JSON object');
        }
        $error = (new Validator())->validate($said, $schema)->error();
        if (null !== $error) {
            $first = (new ErrorFormatter())->format($error, false);
            throw BagError::unread(PackedCase::ABOUT, array_key_first($first).' '.mb_strtolower((string) current($first)));
        }

        return $said;
    }

    /**
     * Its digest is worked out here; that the two who are named signed it, the shop that it came from has to answer for.
     *
     * @throws BagError
     */
    private static function mustBeSigned(AboutCase $about, string $text): void
    {
        $document = json_decode($text, true);
        if (!\is_array($document) || !\is_array($document['unit'] ?? null) || !\is_int($document['version'] ?? null)) {
            throw BagError::unread(PackedCase::DOCUMENT, 'it is no document of a case');
        }
        if ($about->number !== ($document['unit']['number'] ?? null)) {
            throw BagError::unread(PackedCase::DOCUMENT, 'it is of another case than '.$about->number);
        }
        if (null !== $about->digest && Snapshot::hash($document) !== $about->digest) {
            throw BagError::unsigned();
        }
    }

    /**
     * @throws BagError
     * @throws NotAPicture
     */
    private function mustBeWhole(BroughtPicture $picture, string $file, string $digest): void
    {
        if ($picture->copy !== $digest) {
            throw BagError::changed('data/'.$picture->file, $picture->copy, $digest);
        }
        if (null === $picture->coded) {
            return;
        }
        $this->pictures->inspect($file);
        if (CodedPicture::digest((string) file_get_contents($file)) !== $picture->coded) {
            throw BagError::otherPixels($picture->file);
        }
        if (!$picture->placeTakenOut && $picture->original !== $digest) {
            throw BagError::otherPixels($picture->file);
        }
    }
}
