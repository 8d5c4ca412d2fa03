<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Intake\IsQuantity;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Damage\Amount;
use Japhrex\Core\Damage\PieceShape;
use Symfony\Component\Validator\Constraints as Assert;

/** Of debris: how much lay there, in what shape and size, what a magnet did with it, and where the sample is. */
#[ORM\Embeddable]
final class WhatLay
{
    #[ORM\Column(length: 10, nullable: true, enumType: Amount::class)]
    public ?Amount $amount = null;

    #[ORM\Column(length: 20, nullable: true, enumType: PieceShape::class)]
    public ?PieceShape $shape = null;

    #[ORM\Column(nullable: true)]
    public ?bool $magnetic = null;

    /** The largest piece, as typed. */
    #[ORM\Column(length: 40, options: ['default' => ''])]
    #[IsQuantity('length')]
    public string $size = '';

    /** Bag or bottle of the sample, and where it lies; empty: none was kept. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    #[Assert\Length(max: 200)]
    public string $sample = '';

    /** In words; empty where nothing is told. */
    public function words(): string
    {
        return implode('; ', array_filter([
            $this->amount?->label(),
            $this->shape?->label(),
            '' === $this->size ? null : 'up to '.$this->size,
            null === $this->magnetic ? null : ($this->magnetic ? 'follows the magnet' : 'no magnet holds it'),
            '' === $this->sample ? null : 'sample: '.$this->sample,
        ]));
    }
}
