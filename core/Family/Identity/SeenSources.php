<?php

declare(strict_types=1);

namespace Japhrex\Core\Family\Identity;

use Japhrex\Core\Family\Model;
use Japhrex\Core\Figure\Fill\Known;
use Japhrex\Core\Figure\Fill\Sources;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** What was measured and counted of a unit (`seen:gear-width`); where nobody has, what the book says of its model. */
final class SeenSources implements Sources
{
    /** @var array<string, true> names of what is taken from the book */
    public array $assumed = [];

    /** @var array<string, true> names of what was measured or counted */
    public array $measured = [];

    /**
     * @param array<string, Feature> $features by key
     * @param array<string, Value> $seen by key of the feature
     */
    public function __construct(private readonly array $features, private readonly array $seen, private readonly ?Model $model)
    {
    }

    public function known(string $reference): ?Known
    {
        $feature = str_starts_with($reference, 'seen:') ? $this->features[substr($reference, 5)] ?? null : null;
        if (null === $feature || null === $feature->dimension) {
            return null;
        }
        $value = $this->seen[$feature->key] ?? null;
        if (null !== $value) {
            $this->measured[$feature->name] = true;

            return self::of($feature, $feature->dimension, $value);
        }
        $told = $this->model->facts[$feature->fact] ?? '';
        try {
            $value = '' === $told ? null : $feature->value($told);
        } catch (IdentityError) {
            $value = null;
        }
        if (null === $value) {
            return null;
        }
        $this->assumed[$feature->name] = true;

        // What a drawing says is as it stands.
        return self::of($feature, $feature->dimension, new Value($value->typed, $value->si));
    }

    private static function of(Feature $feature, Dimension $dimension, Value $value): ?Known
    {
        return null === $value->si ? null : new Known(
            $value->si,
            $value->u,
            $dimension,
            $feature->isCount() ? '' : Quantity::parse($value->typed, $dimension)->typedUnit,
            $feature->name,
            $feature->isCount() ? $value->typed : '',
        );
    }
}
