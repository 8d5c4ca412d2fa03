<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Evidence\Repository\PictureRepository;
use App\Platform\Identified;
use Doctrine\ORM\Mapping as ORM;

/** A picture file, stored once under its hash, byte for byte as it came. */
#[ORM\Entity(repositoryClass: PictureRepository::class, readOnly: true)]
#[ORM\Table(name: 'picture')]
class Picture implements \Stringable
{
    use Identified;

    public function __construct(
        #[ORM\Column(length: 64, unique: true, options: ['fixed' => true])]
        public string $hash,
        #[ORM\Column(length: 30)]
        public string $type,
        #[ORM\Column]
        public int $bytes,
        /** Width as it is shown, turned upright. */
        #[ORM\Column]
        public int $width,
        #[ORM\Column]
        public int $height,
        /** What the camera's clock said, in its own words; it knows no time zone. */
        #[ORM\Column(length: 40, nullable: true)]
        public ?string $takenAt,
    ) {
        $this->identify();
    }

    /** By its hash the audit trail tells which picture a photo shows. */
    public function __toString(): string
    {
        return $this->hash;
    }

    public function extension(): string
    {
        return match ($this->type) {
            'image/png' => 'png',
            'image/webp' => 'webp',
            'image/heic' => 'heic',
            default => 'jpg',
        };
    }
}
