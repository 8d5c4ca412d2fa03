<?php

declare(strict_types=1);

namespace Japhrex\Core\Figure\Input;

use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\QuantityError;

/** Yes or no. */
final readonly class YesNo implements Takes
{
    public function words(): string
    {
        return 'yes | no';
    }

    public function take(string $text, ?Dimension $open): Taken
    {
        $yes = match (mb_strtolower(trim($text))) {
            'yes', 'y', 'true', '1' => true,
            'no', 'n', 'false', '0' => false,
            default => throw new QuantityError(\sprintf('"%s" is neither; expected yes or no.', mb_substr(trim($text), 0, 40))),
        };

        return new Taken($yes, ['value' => $yes]);
    }
}
