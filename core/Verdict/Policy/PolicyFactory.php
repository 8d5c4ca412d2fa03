<?php

declare(strict_types=1);

namespace Japhrex\Core\Verdict\Policy;

use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Family\Data;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Quantity\MoneyError;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** Makes a policy of what its file holds, once the file has the right shape (`books/schema/policy.schema.json`). */
final class PolicyFactory
{
    /**
     * @param array<mixed> $content
     *
     * @throws PolicyError naming the place that cannot be read
     */
    public function policy(array $content): Policy
    {
        $data = new Data($content);
        $editions = [];
        foreach ($data->maps('editions') as $i => $one) {
            $editions[] = $this->edition($one, "editions/$i");
        }

        return new Policy($data->text('policy'), $data->text('name'), $data->text('kind'), $data->textOrNull('maker') ?? '', $editions);
    }

    private function edition(Data $data, string $at): Edition
    {
        [$valid, $period] = [$data->map('valid'), $data->map('period')];
        $to = $valid->textOrNull('to');
        $deductible = $data->textOrNull('deductible');
        if (null !== $deductible) {
            try {
                $deductible = Money::parse($deductible)->format();
            } catch (MoneyError $e) {
                throw new PolicyError($e->getMessage(), $at.'/deductible');
            }
        }
        [$months, $hours, $distance] = [
            $period->textOrNull('months'),
            $this->size($period, 'hours', Dimension::Time, $at),
            $this->size($period, 'distance', Dimension::Distance, $at),
        ];
        if (null === $months && null === $hours && null === $distance) {
            throw new PolicyError('has no end: give months, hours or distance.', $at.'/period');
        }

        return new Edition(
            self::day($valid->text('from'), $at.'/valid/from'), null === $to
                ? null
                : self::day($to, $at.'/valid/to'), 'fitting' === $period->text('from'),
            null === $months
                ? null
                : (int) $months, null === $hours
                ? null
                : $hours / 3600.0, null === $distance
                ? null
                : $distance / 1000.0,
            array_map(Cover::from(...), $data->texts('covers')), array_map(OriginKind::from(...), $data->texts('excludes')), $deductible,
            $data->has('notice')
                ? $data->number('notice', 0)
                : null, $data->has('return')
                ? $data->number('return', 0)
                : null, array_map(Proof::from(...), $data->texts('proofs')),
        );
    }

    /** In SI. */
    private function size(Data $data, string $key, Dimension $dimension, string $at): ?float
    {
        $typed = $data->textOrNull($key);
        try {
            return null === $typed ? null : Quantity::parse($typed, $dimension)->si;
        } catch (QuantityError $e) {
            throw new PolicyError($e->getMessage(), "$at/period/$key");
        }
    }

    /** A day as it is written, 2026-03-01. */
    private static function day(string $text, string $at): \DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $text);

        return false !== $day && $day->format('Y-m-d') === $text
            ? $day
            : throw new PolicyError(\sprintf('“%s” is no day; expected one such as 2026-03-01.', $text), $at);
    }
}
