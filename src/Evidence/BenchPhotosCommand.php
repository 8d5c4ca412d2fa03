<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Platform\StoredFiles;
use App\Platform\Tool;
use Japhrex\Core\Photo\PhotoQuality;
use Japhrex\Core\Photo\TargetFinder;
use League\Flysystem\FilesystemOperator;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** What taking in a photo costs, beside vipsthumbnail making the same sizes in the same run: `./japhrex bench photos`. */
#[AsCommand('app:bench:photos', 'Compares the taking in of a 24 megapixel photo with bare vipsthumbnail', hidden: true)]
final class BenchPhotosCommand extends Command
{
    private const TIMES = 8;

    private string $hashed = '';

    public function __construct(
        private readonly Tool $tool,
        private readonly PictureTool $pictures,
        private readonly ShownPictures $shown,
        private readonly PhotoPixels $pixels,
        private readonly FilesystemOperator $files,
        private readonly StoredFiles $stored,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $folder = sys_get_temp_dir().'/japhrex-bench-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $photo = $folder.'/photo.jpg';
        // As busy as a bench photo: a rendered one enlarged, with the noise of a sensor.
        $this->tool->run(['vips', 'resize', \dirname(__DIR__, 2).'/demo/photos/gear-scored.jpg', $folder.'/a.v', '3.75']);
        $this->tool->run(['vips', 'gaussnoise', $folder.'/n.v', '6000', '4500', '--sigma', '6']);
        $this->tool->run(['vips', 'add', $folder.'/a.v', $folder.'/n.v', $folder.'/b.v']);
        $this->tool->run(['vips', 'cast', $folder.'/b.v', $folder.'/c.v', 'uchar']);
        $this->tool->run(['vips', 'jpegsave', $folder.'/c.v', $photo, '--Q', '90']);
        $bareWork = function () use ($photo, $folder): void {
            foreach ([480, 1600] as $side) {
                $this->tool->run(
                    ['vipsthumbnail', $photo, '-s', $side.'x'.$side.'>', '-o', $folder.'/bare-'.$side.'.jpg[Q=82,optimize_coding,strip]']
                );
            }
        };
        $first = 0.0;
        $ourWork = function () use ($photo, &$first): void {
            $hash = hash('sha256', random_bytes(8));
            $this->files->deleteDirectory('bench');
            $begun = microtime(true);
            $facts = $this->pictures->inspect($photo);
            $this->hashed = StoredFiles::sha256($photo);
            $this->stored->keep('bench', $photo, $this->hashed);
            $this->shown->makeBoth($photo, $hash);
            $raster = $this->pixels->shown($hash, PictureSize::Screen, PhotoRulers::SEARCHED);
            (new TargetFinder())->find($raster);
            PhotoQuality::of($raster->halved(), max($facts->width, $facts->height));
            $first += (microtime(true) - $begun) / self::TIMES;
            foreach (PictureSize::cases() as $size) {
                $this->files->delete(\sprintf('derived/%d/%s/%s.jpg', $size->value, substr($hash, 0, 2), $hash));
            }
        };
        $bareWork();
        $ourWork();
        $bare = $ours = $first = 0.0;
        // By turns, so that what else the machine does falls on both.
        for ($i = 0; $i < self::TIMES; ++$i) {
            $bare += $this->cpu($bareWork) / self::TIMES;
            $ours += $this->cpu($ourWork) / self::TIMES;
        }
        // What `bin/bench-photos` sends afterwards.
        \is_string($kept = getenv('BENCH_PHOTO')) && copy($photo, $kept);
        array_map('unlink', glob($folder.'/*') ?: []);
        rmdir($folder);
        $output->writeln(
            \sprintf(
                "27 megapixels (%s…), mean of %d: CPU bare vipsthumbnail %.2f s, taken in %.2f s, ratio %.2f (at most 1.3)\nto "
                    .'see after %.2f s of its last byte (at most 1.5); memory of this process at most %.0f MB (at most 128)',
                substr($this->hashed, 0, 8),
                self::TIMES,
                $bare,
                $ours,
                $ours / $bare,
                $first,
                memory_get_peak_usage() / 1e6,
            )
        );

        return Command::SUCCESS;
    }

    /** Processor time of one call, seconds, with that of the programs it runs. */
    private function cpu(callable $work): float
    {
        $used = static function (): float {
            $total = 0.0;
            foreach ([0, 1] as $of) {
                $usage = getrusage($of) ?: [];
                $total += ($usage['ru_utime.tv_sec'] ?? 0) + ($usage['ru_stime.tv_sec'] ?? 0) + (
                    ($usage['ru_utime.tv_usec'] ?? 0) + ($usage['ru_stime.tv_usec'] ?? 0)
                ) / 1e6;
            }

            return $total;
        };
        $before = $used();
        $work();

        return $used() - $before;
    }
}
