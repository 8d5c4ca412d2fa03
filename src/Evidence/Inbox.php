<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\Repository\CaseFileRepository;
use App\Platform\ShopError;

/**
 * The folder into which a tethered camera saves, or a card is copied: one folder a case. What lands there goes to the tray of
 * that case and is then moved aside, so that nothing is taken twice and nothing is deleted.
 */
final readonly class Inbox
{
    /** A file is whole once nobody wrote to it for this long, seconds. */
    private const SETTLED = 2;

    public function __construct(private Arrivals $arrivals, private string $inboxFolder, private CaseFileRepository $cases)
    {
    }

    public function folder(string $number): string
    {
        return $this->inboxFolder.'/'.$number;
    }

    /** @return array{taken: int, refused: int} */
    public function sweep(): array
    {
        $count = ['taken' => 0, 'refused' => 0];
        foreach (glob($this->inboxFolder.'/*', \GLOB_ONLYDIR) ?: [] as $folder) {
            $case = $this->cases->numbered(basename($folder));
            if (null === $case || $case->isSigned()) {
                continue;
            }
            foreach (array_filter(glob($folder.'/*') ?: [], is_file(...)) as $file) {
                clearstatcache(true, $file);
                if (time() - (int) filemtime($file) < self::SETTLED) {
                    continue;
                }
                try {
                    $this->arrivals->take($file, basename($file), $case, null, PhotoStage::Unsorted);
                    $this->aside($file, 'taken');
                    ++$count['taken'];
                } catch (NotAPicture $error) {
                    file_put_contents($this->aside($file, 'refused').'.txt', $error->getMessage()."\n");
                    ++$count['refused'];
                } catch (ShopError) {
                    // No room, or somebody stores the same at this moment: it stays and is tried again.
                    continue;
                }
            }
        }

        return $count;
    }

    private function aside(string $file, string $where): string
    {
        $folder = \dirname($file).'/'.$where;
        is_dir($folder) || mkdir($folder, 0777, true);
        $target = $folder.'/'.basename($file);
        for ($i = 2; file_exists($target); ++$i) {
            $target = $folder.'/'.$i.'-'.basename($file);
        }
        rename($file, $target);

        return $target;
    }
}
