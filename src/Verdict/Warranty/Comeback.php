<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Verdict\Verdict;
use Japhrex\Core\Repair\PartsRemark;

/** The earlier repair beside a case. */
final readonly class Comeback
{
    /**
     * @param ?Verdict $verdict of the earlier case; null: never signed
     * @param list<ComebackRow> $rows parts with damage then or now
     * @param list<PartsRemark> $points what it did not deal with
     * @param int $minutes spent at the bench on this case so far
     */
    public function __construct(public ?Verdict $verdict, public array $rows, public array $points, public int $minutes)
    {
    }
}
