<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Intake\CaseFile;
use App\Measuring\Repository\FeltSizeRepository;
use Japhrex\Core\Measuring\Felt;
use Japhrex\Core\Measuring\FieldAssessment;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** What hands guessed of a size that no gauge has read yet. */
final readonly class FeltSizes
{
    public function __construct(private FeltSizeRepository $felt)
    {
    }

    /** What they say where nothing was read: null where nobody felt it, a limit is missing, or hands differ. */
    public function assessment(CaseFile $case, Measured $of): ?FieldAssessment
    {
        $limits = $of->limits;
        if (null === $limits) {
            return null;
        }
        $judged = [];
        foreach ($this->felt->byField($case)[$of->part.'/'.$of->field->key] ?? [] as $one) {
            try {
                $judged[] = Felt::judge(Quantity::parse($one->guess, $of->field->dimension), $limits, $one->againstAGoodOne);
            } catch (QuantityError) {
                continue;
            }
        }
        $verdicts = array_unique(array_map(static fn (FieldAssessment $one): string => $one->verdict->value, $judged));

        return 1 === \count($verdicts) && LimitVerdict::Undecided !== $judged[0]->verdict ? $judged[0] : null;
    }
}
