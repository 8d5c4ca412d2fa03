<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

/** When it is turned by hand: what catches then has another cause each time. */
enum BindState: string
{
    case Pressed = 'pressed';
    case Loose = 'loose';
    case Tight = 'tight';

    public function title(): string
    {
        return match ($this) {
            self::Pressed => 'Turn by hand what was pressed',
            self::Loose => 'Turn it by hand before the fasteners are tight',
            self::Tight => 'Turn it by hand, tightened',
        };
    }

    /** What it means when it catches. */
    public function means(): string
    {
        return match ($this) {
            self::Pressed => 'What catches after a press stands askew, was pressed too far, or its bore has closed.',
            self::Loose => 'What catches now is dirt, or a part the wrong way: take it apart again.',
            self::Tight => 'It turned before and catches now: that is position. Slacken, let the halves find their place, and '
                .'tighten anew.',
        };
    }
}
