<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Platform\StoredFiles;
use App\Platform\Tool;
use Twig\Environment;

/** Copies of pictures with their marks burnt in. The original stays as it is. */
final readonly class MarkedCopies
{
    public function __construct(private StoredFiles $stored, private Tool $tool, private Environment $twig, private PictureTool $pictures)
    {
    }

    /**
     * @param bool $position is where it was taken to be written below it?
     *
     * @return string a JPEG in the size of the original, without what the camera wrote into it
     */
    public function draw(Photo $photo, bool $position = false): string
    {
        $draft = sys_get_temp_dir().'/japhrex-'.bin2hex(random_bytes(8));
        $original = $this->stored->copyOut('photos', $photo->picture->hash);
        try {
            file_put_contents(
                $draft.'.svg',
                $this->twig->render(
                    'evidence/marked_copy.svg.twig',
                    ['photo' => $photo, 'position' => $position ? $this->pictures->position($original) : null],
                ),
            );
            $this->tool->run(['vips', 'autorot', $original, $draft.'-1.v']);
            $this->tool->run(['vips', 'colourspace', $draft.'-1.v', $draft.'-2.v', 'srgb']);
            $this->tool->run(['vips', 'composite2', $draft.'-2.v', $draft.'.svg', $draft.'-3.v', 'over']);
            $this->tool->run(['vips', 'jpegsave', $draft.'-3.v', $draft.'.jpg', '--Q', '90', '--strip', '--background', '255']);

            return (string) file_get_contents($draft.'.jpg');
        } finally {
            array_map('unlink', [$original, ...glob($draft.'*') ?: []]);
        }
    }
}
