<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Family\Field;
use Japhrex\Core\Family\Part;
use Japhrex\Core\Family\Reuse;
use Japhrex\Core\Measuring\LimitVerdict;

/**
 * How limits bind what may become of a part. What lies outside a limit, in service or in a rebuild, or too near to tell, goes back in as
 * it is only with an analyst's reason, and so does damage that its duty does not accept; past a hard stop, and where the book never
 * reuses, not at all.
 */
final readonly class BoundByLimits
{
    /** What asks for a reason and was found, not measured. */
    private const FOUND = 'found/';

    /**
     * @param list<string> $stops why no reason helps, in words
     * @param array<string, string> $asks what asks for a reason: field => in words
     */
    private function __construct(public array $stops, public array $asks)
    {
    }

    /**
     * @param iterable<JudgedField> $measured
     * @param iterable<JudgedFind> $found damage that is judged by duty
     */
    public static function of(Part $part, iterable $measured, iterable $found = []): self
    {
        $stops = Reuse::Never === $part->reuse ? [trim('it is never reused. '.$part->reuseWhy)] : [];
        $asks = [];
        foreach ($measured as $one) {
            $name = lcfirst($one->field->name);
            if ($one->field->hardStop && LimitVerdict::Outside === $one->service?->verdict) {
                $stops[] = $name.' is '.self::ofLimit($one->service->says(), 'its limit').', and that limit is a hard stop.';
            }
            $says = array_filter([
                self::binds($one->service?->verdict) ? self::ofLimit($one->service?->says(), 'its limit') : null,
                self::binds($one->rebuild?->verdict) ? self::ofLimit($one->rebuild?->says(), 'the rebuild limit') : null,
                self::binds(($one->form ?? null)?->verdict)
                    ? 'in its form '.self::ofLimit(($one->form ?? null)?->verdict->value, 'its limit')
                    : null,
            ]);
            if ([] !== $says) {
                $asks[$one->field->key] = $name.' is '.implode(', ', $says);
            }
        }

        foreach ($found as $find) {
            if (!$find->isAccepted()) {
                $asks[self::FOUND.$find->key] = $find->says();
            }
        }

        return new self($stops, $asks);
    }

    /** "outside at the front" as "outside the rebuild limit at the front". */
    private static function ofLimit(?string $says, string $limit): string
    {
        return strtr((string) $says, ['outside' => 'outside '.$limit, 'undecided' => 'too near '.$limit.' to tell']);
    }

    /** @return list<Disposition> decisions that no reason allows */
    public function refused(): array
    {
        return [] === $this->stops ? [] : self::asItIs();
    }

    /** @return list<Disposition> decisions that an analyst has to give a reason for */
    public function needsReason(): array
    {
        return [] === $this->stops ? array_values(array_filter(
            self::asItIs(),
            fn (Disposition $one): bool => [] !== $this->asksOf($one),
        )) : [];
    }

    /**
     * Why a decision does not stand; null: it does.
     *
     * @param array<string, string> $reasoned what a reason was given for, as `asks` was then; what has changed since asks anew
     */
    public function against(Disposition $decision, array $reasoned): ?string
    {
        if (!\in_array($decision, self::asItIs(), true)) {
            return null;
        }
        if ([] !== $this->stops) {
            return implode(' ', $this->stops);
        }
        $open = array_diff_assoc($this->asksOf($decision), $reasoned);

        return [] === $open ? null : implode('; ', $open).'.';
    }

    /** @return array<string, string> what asks for a reason; what was found is dressed where the part is cleaned up */
    private function asksOf(Disposition $decision): array
    {
        return Disposition::CleanUp !== $decision ? $this->asks : array_filter(
            $this->asks,
            static fn (string $key): bool => !str_starts_with($key, self::FOUND),
            \ARRAY_FILTER_USE_KEY,
        );
    }

    /** @return list<Disposition> that leave the sizes of a part as they are */
    private static function asItIs(): array
    {
        return [Disposition::Reuse, Disposition::CleanUp, Disposition::OneMoreRun];
    }

    private static function binds(?LimitVerdict $verdict): bool
    {
        return LimitVerdict::Outside === $verdict || LimitVerdict::Undecided === $verdict;
    }
}
