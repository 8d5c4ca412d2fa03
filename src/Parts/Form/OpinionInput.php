<?php

declare(strict_types=1);

namespace App\Parts\Form;

use App\Platform\ShopError;
use App\Platform\Words;
use Japhrex\Core\Damage\FindingKind;

/** How somebody else judges a find. */
final readonly class OpinionInput
{
    public string $because;

    /** @param string $as `clean`, `normal`, or a grade from 1 to 4 */
    public function __construct(public string $as = '', string $because = '')
    {
        $this->because = Words::of($because, 400);
    }

    /**
     * @return array{FindingKind, int} what it is to them, with its grade
     *
     * @throws ShopError if neither was chosen
     */
    public function judged(): array
    {
        return match (true) {
            \in_array($this->as, ['1', '2', '3', '4'], true) => [FindingKind::Damage, (int) $this->as],
            \in_array($this->as, ['clean', 'normal'], true) => [FindingKind::from($this->as), 0],
            default => throw new ShopError('How do you see it: nothing there, normal running, or a grade from 1 to 4?', 422),
        };
    }
}
