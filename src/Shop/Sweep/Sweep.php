<?php

declare(strict_types=1);

namespace App\Shop\Sweep;

use App\Evidence\PartialUploads;
use Doctrine\DBAL\Connection;
use League\Flysystem\FilesystemOperator;
use Symfony\Component\Filesystem\Filesystem;

/**
 * Takes away what a crash has left and what has run out. Evidence is never taken away: a file of which no record speaks is named by
 * `verify`.
 */
final readonly class Sweep
{
    /** What was half written is whole within a day, or never. */
    private const LEFT = '-1 day';

    /** What came in pieces and was not finished by then is given up. */
    private const GIVEN_UP = '-7 days';

    /** table => rows that are of no use to anybody any more */
    private const RUN_OUT = [
        'login_attempt' => "last_at < now() - interval '1 day' AND coalesce(locked_until < now(), true)",
        'signed_in' => "seen_at < now() - interval '90 days'",
        'password_link' => "until < now() - interval '90 days'",
        'sessions' => 'sess_lifetime < extract(epoch FROM now())',
    ];

    public function __construct(private FilesystemOperator $store, private Connection $database, private OldPapers $papers)
    {
    }

    /** @return array<string, int> how many of what */
    public function run(): array
    {
        $rows = 0;
        foreach (self::RUN_OUT as $table => $which) {
            $rows += (int) $this->database->executeStatement("DELETE FROM $table WHERE $which");
        }

        return [
            'half-written files' => $this->old('', self::LEFT, '.part'),
            'pieces that nobody finished' => $this->old(PartialUploads::AREA, self::GIVEN_UP),
            'folders of work that broke off' => self::folders(),
            'rows that have run out' => $rows,
            'papers that nobody was sent' => $this->papers->clear(),
        ];
    }

    /** Files of the store below a folder that nobody has touched since a time. */
    private function old(string $folder, string $since, string $ending = ''): int
    {
        $before = (new \DateTimeImmutable($since))->getTimestamp();
        $gone = 0;
        foreach ($this->store->listContents($folder, true) as $entry) {
            if ($entry->isFile() && str_ends_with($entry->path(), $ending) && $entry->lastModified() < $before) {
                $this->store->delete($entry->path());
                ++$gone;
            }
        }

        return $gone;
    }

    /** Of this program in the folder for temporary things: `WorkFolder`, and copies of stored files. */
    private static function folders(): int
    {
        $before = (new \DateTimeImmutable(self::LEFT))->getTimestamp();
        $files = array_filter(
            glob(sys_get_temp_dir().'/japhrex*') ?: [],
            static fn (string $file): bool => 1 === preg_match('/^japhrex(-[0-9a-f]{16}|[A-Za-z0-9]{6})$/', basename($file))
                && (int) @filemtime($file) < $before,
        );
        (new Filesystem())->remove($files);

        return \count($files);
    }
}
