<?php

declare(strict_types=1);

namespace App\Evidence;

use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Damage\LookedAs;
use Japhrex\Core\Damage\Moment;
use Japhrex\Core\Damage\Sureness;

/** Of a find: how sure somebody is of it, in which state the part was, and whether a picture can show it. */
#[ORM\Embeddable]
final class HowSeen
{
    #[ORM\Column(length: 10, nullable: true, enumType: Sureness::class)]
    public ?Sureness $sure = null;

    #[ORM\Column(length: 10, nullable: true, enumType: LookedAs::class)]
    public ?LookedAs $as = null;

    /** In which work it was hurt, as far as its look tells. */
    #[ORM\Column(length: 10, nullable: true, enumType: Moment::class)]
    public ?Moment $moment = null;

    /** Felt, heard or smelt: no still picture shows it. */
    #[ORM\Column(options: ['default' => false])]
    public bool $notInPicture = false;

    /** In words; empty where nothing is told. */
    public function words(): string
    {
        return implode(', ', array_filter([
            $this->as?->label(), $this->sure?->label(), null === $this->moment ? null : 'hurt '.$this->moment->label(),
            $this->notInPicture ? 'no picture shows it' : null,
        ]));
    }
}
