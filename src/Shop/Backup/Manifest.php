<?php

declare(strict_types=1);

namespace App\Shop\Backup;

/** What one backup holds. It is written last: a folder without it is no backup. */
final readonly class Manifest
{
    private const FORMAT = 1;

    /**
     * @param string $version of the tables: the newest migration
     * @param string $database SHA-256 of the sealed dump
     * @param array<string, int> $rows by table, at the moment of the dump
     * @param array<string, KeptFile> $files by their path in the store
     */
    public function __construct(
        public \DateTimeImmutable $at,
        public string $version,
        public string $database,
        public array $rows,
        public array $files,
    ) {
    }

    public function bytes(): int
    {
        return array_sum(array_map(static fn (KeptFile $file): int => $file->bytes, $this->files));
    }

    public function toJson(): string
    {
        return json_encode([
            'format' => self::FORMAT,
            'at' => $this->at->format(\DATE_ATOM),
            'version' => $this->version,
            'database' => $this->database,
            'rows' => $this->rows,
            'files' => array_map(static fn (KeptFile $file): array => [$file->sha256, $file->bytes], $this->files),
        ], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES | \JSON_PRETTY_PRINT)."\n";
    }

    /** @throws BackupError */
    public static function fromJson(string $json, string $where): self
    {
        /**
         * @var array{
         *     format: int, at: string, version: string, database: string, rows: array<string, int>,
         *     files: array<string, array{string, int}>,
         * }|null $all
         */
        $all = json_decode($json, true);
        if (!\is_array($all) || self::FORMAT !== ($all['format'] ?? null)) {
            throw BackupError::failed($where, 'its manifest cannot be read by this version');
        }

        return new self(
            new \DateTimeImmutable($all['at']),
            $all['version'],
            $all['database'],
            $all['rows'],
            array_map(static fn (array $one): KeptFile => new KeptFile($one[0], $one[1]), $all['files']),
        );
    }
}
