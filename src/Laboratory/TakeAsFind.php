<?php

declare(strict_types=1);

namespace App\Laboratory;

use App\Account\Actor;
use App\Books\BookShelf;
use App\Evidence\Finding;
use App\Evidence\RecordFinding;
use App\Evidence\Repository\FindingRepository;
use App\Laboratory\Form\LabFindInput;
use App\Platform\ShopError;

use function Symfony\Component\Clock\now;

/**
 * What a laboratory says of a part becomes a find of that part. Where the bench has found the same damage there already, it
 * is that find that the laboratory now tells more of; how it was judged before stays beside it.
 */
final readonly class TakeAsFind
{
    public function __construct(
        private BookShelf $shelf,
        private FindingRepository $findings,
        private RecordFinding $record,
    ) {
    }

    /** @throws ShopError if nothing was answered, or such damage, such a look of it or such a grade is not known */
    public function __invoke(LabOrder $order, LabFindInput $typed, Actor $who): Finding
    {
        $mode = $this->shelf->modes()->get($typed->mode) ?? throw new ShopError('As which damage is it taken?', 422);
        $looks = $this->shelf->vocabulary()->lies[$typed->lies] ?? null;
        if (!$order->isAnswered() || !$order->kind->isOfAPart()) {
            throw new ShopError('Nothing was answered that is a find of a part.', 409);
        }
        if (('' !== $typed->lies && !\in_array($mode->key, $looks->with ?? [], true)) || $typed->grade < 1 || $typed->grade > 4) {
            throw new ShopError('Damage has a grade from 1 to 4, and how it lies fits its kind.', 422);
        }
        $there = array_values(array_filter(
            $this->findings->ofPart($order->case, $order->part),
            static fn (Finding $one): bool => $mode->key === $one->mode,
        ))[0] ?? null;
        $was = $there?->judgement($there->madeAt);
        $finding = $there ?? new Finding($order->case, $order->part);
        $said = \sprintf('%s%s: %s', $order->laboratory, '' === $order->reportNumber ? '' : ', report '.$order->reportNumber, $order->says);
        $finding->sawDamage($mode->key, $typed->grade, trim($finding->note.' '.trim($said)), $finding->surface);
        $finding->lies = '' === $typed->lies ? $finding->lies : $typed->lies;
        ($this->record)($finding, $who, was: $was, because: $order->laboratory.', '.now()->format('j M Y'));

        return $finding;
    }
}
