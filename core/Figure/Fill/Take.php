<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Fill;

/** Which of the sizes at several places a figure takes. */
enum Take: string
{
    /** The place with the least room to its limit. */
    case Worst = 'worst';
    case Least = 'least';
    case Largest = 'largest';
    case Mean = 'mean';
    /** Place by place: the figure is worked out for each. */
    case Each = 'each';
}
