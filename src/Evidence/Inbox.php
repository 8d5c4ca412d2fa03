<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\Repository\CaseFileRepository;
use App\Platform\OneNode;
use App\Platform\ShopError;

/**
 * The folder into which a tethered camera saves, or a card is copied: one folder a case. What lands there goes to the tray of
 * that case and is then moved aside, so that nothing is taken twice and nothing is deleted.
 */
final readonly class Inbox
{
    /** A file is whole once nobody wrote to it for this long, seconds. */
    private const SETTLED = 2;

    public function __construct(
        private Arrivals $arrivals,
        private string $inboxFolder,
        private CaseFileRepository $cases,
        private OneNode $node,
    ) {
    }

    public function folder(string $number): string
    {
        return $this->inboxFolder.'/'.$number;
    }

    /** Nothing is taken while another machine looks into the same folder. */
    public function sweep(): Swept
    {
        return $this->node->during('inbox', $this->take(...)) ?? new Swept(0, 0);
    }

    private function take(): Swept
    {
        $taken = $refused = 0;
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
                    ++$taken;
                } catch (NotAPicture $error) {
                    file_put_contents($this->aside($file, 'refused').'.txt', $error->getMessage()."\n");
                    ++$refused;
                } catch (ShopError) {
                    // No room, or somebody stores the same at this moment: it stays and is tried again.
                    continue;
                }
            }
        }

        return new Swept($taken, $refused);
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
