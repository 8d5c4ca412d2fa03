<?php

declare(strict_types=1);

namespace App\Evidence;

use Symfony\Component\Messenger\Attribute\AsMessageHandler;

#[AsMessageHandler]
final readonly class DerivePicturesHandler
{
    public function __construct(private ShownPictures $shown)
    {
    }

    public function __invoke(DerivePictures $message): void
    {
        foreach (PictureSize::cases() as $size) {
            $this->shown->make($message->hash, $size);
        }
    }
}
