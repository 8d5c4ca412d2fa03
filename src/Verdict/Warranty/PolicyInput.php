<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Verdict\Policy\Cover;
use Japhrex\Core\Verdict\Policy\Proof;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Yaml\Yaml;

/** A policy with one edition, as a form fills it in. */
final class PolicyInput
{
    #[Assert\NotBlank(message: 'What is it called? "Pellam, new units".')]
    #[Assert\Length(max: 120)]
    public string $name = '';

    /** `maker`, `supplier` or `own-repair`. */
    public string $kind = 'maker';

    #[Assert\Length(max: 120)]
    public string $maker = '';

    #[Assert\NotNull(message: 'From which day on is it in force?')]
    public ?\DateTimeImmutable $from = null;

    public ?\DateTimeImmutable $to = null;

    /** From which day its time runs: `delivery` or `fitting`. */
    public string $runs = 'delivery';

    #[Assert\Range(min: 1, max: 600)]
    public ?int $months = null;

    #[Assert\Length(max: 60)]
    public string $hours = '';

    /** @var list<Cover> */
    #[Assert\Count(min: 1, minMessage: 'What does it pay for? One of them at least.')]
    public array $covers = [Cover::Parts];

    /** @var list<OriginKind> */
    public array $excludes = [];

    #[Assert\Length(max: 60)]
    public string $deductible = '';

    #[Assert\Range(min: 1, max: 3650)]
    public ?int $notice = null;

    #[Assert\Range(min: 1, max: 3650)]
    public ?int $return = null;

    /** @var list<Proof> */
    public array $proofs = [];

    /** The same as the text that a policy is kept as. */
    public function text(): string
    {
        $words = static fn (array $cases): array => array_map(
            static fn (\BackedEnum $one): int|string => $one->value,
            array_values($cases),
        );
        $given = static fn (array $values): array => array_filter(
            $values,
            static fn (mixed $value): bool => !\in_array($value, [null, '', []], true),
        );

        return Yaml::dump($given([
            'policy' => trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($this->name)), '-0123456789') ?: 'policy',
            'name' => $this->name,
            'kind' => $this->kind,
            'maker' => $this->maker,
            'editions' => [$given([
                'valid' => $given(['from' => $this->from?->format('Y-m-d'), 'to' => $this->to?->format('Y-m-d')]),
                'period' => $given(['from' => $this->runs, 'months' => $this->months, 'hours' => $this->hours]),
                'covers' => $words($this->covers),
                'excludes' => $words($this->excludes),
                'deductible' => $this->deductible,
                'notice' => $this->notice,
                'return' => $this->return,
                'proofs' => $words($this->proofs),
            ])],
        ]), 4, 2);
    }
}
